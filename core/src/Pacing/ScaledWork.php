<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

/**
 * What one way of scaling takes: time, doubles practised, contacts.
 */
final readonly class ScaledWork
{
    /** Practising may cost so much more time than the quickest way that leaves some doubles (our assumption). */
    private const PRACTISE_MAY_COST = 1.25;

    private function __construct(
        public Scaling $scaling,
        public float $expectedS,
        public int $doubles,
        public int $singles,
    ) {
    }

    /**
     * @param int   $first    doubles before the singles
     * @param float $ratio    singles for one double
     * @param float $fraction share that is kept when doubles are cut
     *
     * @return non-empty-list<self> one of each
     */
    public static function all(
        int $reps,
        int $first,
        float $ratio,
        float $fraction,
        RepTiming $doubles,
        RepTiming $singles,
    ): array {
        $counts = [
            [Scaling::Full, $reps, 0],
            [Scaling::FirstThenSingles, min($first, $reps), (int) round(max(0, $reps - $first) * $ratio)],
            [Scaling::Fewer, max(1, (int) round($reps * $fraction)), 0],
            [Scaling::Singles, 0, (int) round($reps * $ratio)],
        ];

        return array_map(
            static fn (array $count): self => new self(
                $count[0],
                $doubles->secondsFor($count[1]) + $singles->secondsFor($count[2]),
                $count[1],
                $count[2],
            ),
            $counts,
        );
    }

    /** This round and another, scaled the same way. */
    public function plus(self $other): self
    {
        return new self(
            $this->scaling,
            $this->expectedS + $other->expectedS,
            $this->doubles + $other->doubles,
            $this->singles + $other->singles,
        );
    }

    /** Landings of the feet: one for each jump. */
    public function contacts(): int
    {
        return $this->doubles + $this->singles;
    }

    /**
     * Racing does all of it. Keeping moving takes the quickest way that leaves some doubles, so that the skill is not
     * scaled out; practising takes the most doubles among the ways that cost little more than that.
     *
     * @param non-empty-list<self> $ways
     */
    public static function recommended(array $ways, Aim $aim): Scaling
    {
        $practising = array_values(array_filter($ways, static fn (self $way): bool => $way->doubles > 0));
        if (Aim::Race === $aim || [] === $practising) {
            return Scaling::Full;
        }
        $quickest = min(array_map(static fn (self $way): float => $way->expectedS, $practising));
        $most = Aim::Practise === $aim ? self::PRACTISE_MAY_COST * $quickest : $quickest;
        $near = array_values(array_filter($practising, static fn (self $way): bool => $way->expectedS <= $most));
        usort($near, static fn (self $a, self $b): int => $b->doubles <=> $a->doubles);

        return $near[0]->scaling;
    }
}
