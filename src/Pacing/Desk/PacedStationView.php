<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Pacing\Desk\StationTime;
use Zumbo\Core\Pacing\Workout\StationKind;

/**
 * One station on the time strip of a workout.
 */
final readonly class PacedStationView
{
    /**
     * @param list<int> $sets of doubles; empty: no set is planned
     */
    private function __construct(
        /** From 1. */
        public int $round,
        public StationKind $kind,
        public string $name,
        public int $reps,
        /** On average. */
        public float $expectedS,
        /** Without a miss or a break. */
        public float $workS,
        public array $sets,
    ) {
    }

    /**
     * @param list<int> $sets
     */
    public static function of(StationTime $one, array $sets): self
    {
        return new self(
            $one->round + 1,
            $one->station->kind,
            $one->station->name,
            $one->station->reps,
            $one->expectedS(),
            $one->workS,
            $sets,
        );
    }
}
