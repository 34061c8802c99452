<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * What a coach sees of a newcomer in two minutes: twenty seconds of hops, twenty of singles, a few tall singles, a few doubles.
 */
final readonly class TwoMinutes
{
    /** Two landings for each turn, now and then one: more is a bounce between the turns (our assumption). */
    private const BOUNCING = 1.5;

    /** A hop may falter once. */
    private const HALTING = 2;

    /** So many tall singles, and doubles, are tried. */
    public const TRIES = 3;

    /** More misses in twenty seconds are no rhythm yet. */
    private const MOST_MISSES = 2;

    /**
     * @param int      $halts    in the hops
     * @param int      $turns    of the rope, in the singles
     * @param int      $landings in the singles
     * @param int      $misses   in the singles
     * @param int      $tall     tall singles made
     * @param int      $tallOf   tall singles tried
     * @param int      $doubles  doubles landed tall
     * @param int      $tried    doubles tried
     * @param int|null $best     of three goes, by whoever says that they link doubles; null: they don't
     */
    public function __construct(
        public int $halts,
        public int $turns,
        public int $landings,
        public int $misses,
        public int $tall,
        public int $tallOf,
        public int $doubles,
        public int $tried,
        public ?int $best,
        /** Whether the turns were counted, not only seen. */
        public bool $counted = true,
    ) {
    }

    /**
     * Seen more than counted: what the rope does stands for how often it does it.
     *
     * @param int|null $turns null: nobody counted
     */
    public static function seen(
        int $halts,
        RopeComesRound $round,
        int $misses,
        int $tall,
        int $doubles,
        ?int $best,
        ?int $turns = null,
    ): self {
        $counted = $turns ?? 1;
        [$turnsSeen, $landings] = match ($round) {
            RopeComesRound::NotYet => [0, 0],
            RopeComesRound::Bouncing => [$counted, 2 * $counted],
            RopeComesRound::Quiet => [$counted, $counted],
        };

        $tries = self::TRIES;

        return new self($halts, $turnsSeen, $landings, $misses, $tall, $tries, $doubles, $tries, $best, null !== $turns);
    }

    public function halts(): bool
    {
        return $this->halts >= self::HALTING;
    }

    public function bounces(): bool
    {
        return $this->turns > 0 && $this->landings >= self::BOUNCING * $this->turns;
    }

    /** Whether single follows single. */
    public function hasRhythm(): bool
    {
        return $this->turns > 0 && $this->misses <= self::MOST_MISSES;
    }

    /** Two of three tall singles, or as large a share of others. */
    public function isTall(): bool
    {
        return $this->tallOf > 0 && 3 * $this->tall >= 2 * $this->tallOf;
    }

    /** Everything that was tried came off, tall singles and doubles alike. */
    public function isTallInAll(): bool
    {
        return $this->tallOf > 0 && $this->tall === $this->tallOf && $this->tried > 0 && $this->doubles === $this->tried;
    }
}
