<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Streak\Hazard;

/**
 * How one kind of rep goes for an athlete: rate, chance of a miss, and what misses and breaks cost.
 */
final readonly class RepTiming
{
    public function __construct(
        public float $repsPerS,
        public Hazard $hazard,
        public float $missCostS,
        public float $breakCostS,
    ) {
    }

    /** Expected time of so many reps with the best plan of sets. */
    public function secondsFor(int $reps): float
    {
        return 0 === $reps
            ? 0.0
            : $reps / $this->repsPerS +
                    SetPlan::best(
                        $reps,
                        $this->hazard->first($reps),
                        $this->missCostS,
                        $this->breakCostS,
                    )->expectedLossS();
    }
}
