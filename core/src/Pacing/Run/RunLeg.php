<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

use Zumbo\Core\Pacing\Workout\StationKind;

/**
 * What lies between two touches of a paced workout: one set of doubles, or one station. All seconds on the workout's clock.
 */
final readonly class RunLeg
{
    public function __construct(
        /** From 1. */
        public int $round,
        public StationKind $kind,
        public string $name,
        /** 0: none are counted. */
        public int $reps,
        /** Without a miss. */
        public float $workS,
        /** When it begins by the plan, after the pause before it. */
        public float $startS,
        /** When it is over by the plan, what misses cost on average within. */
        public float $endS,
        /** The break or the rest that is planned before it. */
        public float $pauseS,
        /** Misses on average. */
        public float $misses,
    ) {
    }

    /** From the touch before it to its own, by the plan. */
    public function plannedS(): float
    {
        return $this->pauseS + $this->endS - $this->startS;
    }

    public function isRope(): bool
    {
        return \in_array($this->kind, [StationKind::Doubles, StationKind::Singles, StationKind::Tries], true);
    }
}
