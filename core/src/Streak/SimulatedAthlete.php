<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

/**
 * Somebody invented, whose chance of a miss is known: goes are drawn from it rep by rep. For the demo, and for tests
 * that ask whether the tool finds what was hidden.
 */
final readonly class SimulatedAthlete
{
    private const LONGEST = 5000;

    /**
     * @param Hazard            $hazard the hidden truth
     * @param \Closure(): float $draw   evenly from 0 to below 1; a seeded one gives the same goes again
     */
    public function __construct(private Hazard $hazard, private \Closure $draw)
    {
    }

    /**
     * One go: up to a miss, or until it is stopped on purpose.
     *
     * @return array{int, AttemptEnd} reps and end
     */
    public function go(int $stopAt): array
    {
        $stopAt = min($stopAt, self::LONGEST);
        foreach ($this->hazard->first(max(1, $stopAt)) as $reps => $q) {
            if (($this->draw)() < $q) {
                return [$reps, AttemptEnd::Miss];
            }
        }

        return [$stopAt, AttemptEnd::Stopped];
    }

    /** Clean tries of so many: each is the first rep of a go. */
    public function cleanOf(int $tries): int
    {
        $clean = 0;
        for ($i = 0; $i < $tries; ++$i) {
            $clean += AttemptEnd::Stopped === $this->go(1)[1] ? 1 : 0;
        }

        return $clean;
    }

    /** Misses in so many seconds; after each, the next second is the first of a new go. */
    public function missesIn(int $seconds): int
    {
        $misses = 0;
        for ($left = min($seconds, self::LONGEST); $left > 0;) {
            [$held, $end] = $this->go($left);
            $missed = AttemptEnd::Miss === $end;
            $misses += $missed ? 1 : 0;
            $left -= $held + ($missed ? 1 : 0);
        }

        return $misses;
    }
}
