<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Method\Ways;

/**
 * What is known of cues: each go of one athlete, and the counts of the whole gym. From it comes which cue is said next,
 * and how far earlier goes speak for a fault or against it.
 *
 * A cue that brought nothing three times in a row is not said again to this athlete for three months; among the others
 * the one with the best expected help is first, the athlete's own goes drawn towards the gym's, those towards the usual
 * (all numbers our assumption, tried by simulation).
 */
final readonly class CueHistory
{
    /** So many goes without effect in a row, and a cue goes. */
    public const GIVEN_UP_AFTER = 3;
    private const FORGOTTEN_AFTER_DAYS = 90;

    /** How often any cue helps, and how many goes of one's own outweigh what is known elsewhere. */
    private const USUAL_HELP = 0.4;
    private const DRAWN_BY = 3.0;
    private const GYM_DRAWN_BY = 10.0;

    /** A cue works for somebody when it is as sure as this that it helps more often than any does. */
    private const SURE = 0.95;

    /** How often a go is better under a cue for the true cause, and for another one. */
    private const HELPS_TRUE = 0.5;
    private const HELPS_OTHER = 0.25;
    private const MOST_WEIGHT = 10.0;

    /**
     * @param list<CueGo>             $own the oldest first
     * @param array<string, CueCount> $gym by the words of the cue
     */
    private function __construct(private array $own, private array $gym)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param list<CueGo>             $own of this athlete, in any order
     * @param array<string, CueCount> $gym of everybody, by the words of the cue
     */
    public static function of(array $own, array $gym = []): self
    {
        $lately = array_filter($own, static fn (CueGo $go): bool => $go->daysAgo <= self::FORGOTTEN_AFTER_DAYS);
        usort($lately, static fn (CueGo $a, CueGo $b): int => $b->daysAgo <=> $a->daysAgo);

        return new self($lately, $gym);
    }

    /** How far goes under its cues speak for this fault: above 1 they do. */
    public function weightOf(Fault $fault): float
    {
        $log = 0.0;
        foreach ($this->own as $go) {
            if ($go->fault === $fault->code) {
                $log += CueOutcome::Better === $go->outcome
                    ? log(self::HELPS_TRUE / self::HELPS_OTHER)
                    : log((1 - self::HELPS_TRUE) / (1 - self::HELPS_OTHER));
            }
        }

        return min(self::MOST_WEIGHT, max(1 / self::MOST_WEIGHT, exp($log)));
    }

    /** The cue to say next; null: all of them brought nothing. */
    public function cueFor(Fault $fault, Ways $ways): ?string
    {
        $best = null;
        $most = -1.0;
        foreach (FaultsBySchool::cues($fault, $ways) as $cue) {
            // What works comes first, then what was begun: it gets its three goes.
            $help = $this->expectedHelp($cue) + ($this->works($cue) ? 2 : 0) + ($this->isBegun($cue) ? 1 : 0);
            if (!$this->isGivenUp($cue) && $help > $most + 1e-9) {
                [$best, $most] = [$cue, $help];
            }
        }

        return $best;
    }

    /** Three goes in a row, the last ones, brought nothing, and it is not one that works for them all the same. */
    public function isGivenUp(string $cue): bool
    {
        return $this->withoutEffect($cue) >= self::GIVEN_UP_AFTER && !$this->works($cue);
    }

    /** How many of the last goes under it, in a row, brought nothing. */
    public function withoutEffect(string $cue): int
    {
        $row = 0;
        foreach ($this->own as $go) {
            if ($go->cue === $cue) {
                $row = CueOutcome::Better === $go->outcome ? 0 : $row + 1;
            }
        }

        return $row;
    }

    public function ofAthlete(string $cue): CueCount
    {
        return array_reduce(
            $this->own,
            static fn (CueCount $count, CueGo $go): CueCount => $go->cue === $cue ? $count->plus($go->outcome) : $count,
            CueCount::none(),
        );
    }

    public function ofGym(string $cue): CueCount
    {
        return $this->gym[$cue] ?? CueCount::none();
    }

    /** It helps this athlete, as sure as their own goes can show. */
    public function works(string $cue): bool
    {
        $own = $this->ofAthlete($cue);

        return $own->better > 1 && 1 - $own->known()->cumulative(self::USUAL_HELP) >= self::SURE;
    }

    private function expectedHelp(string $cue): float
    {
        $gym = $this->ofGym($cue);
        $usual = ($gym->better + self::GYM_DRAWN_BY * self::USUAL_HELP) / ($gym->goes + self::GYM_DRAWN_BY);
        $own = $this->ofAthlete($cue);

        return ($own->better + self::DRAWN_BY * $usual) / ($own->goes + self::DRAWN_BY);
    }

    private function isBegun(string $cue): bool
    {
        $goes = $this->ofAthlete($cue)->goes;

        return $goes > 0 && $goes < self::GIVEN_UP_AFTER;
    }
}
