<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Zumbo\Core\Pacing\Workout\Station;
use Zumbo\Core\Pacing\Workout\StationKind;

final readonly class WorkoutStationView
{
    private function __construct(
        public StationKind $kind,
        public string $name,
        /** 0: as many as come, or none are counted. */
        public int $reps,
        /** Of the whole station; 0: it follows from the reps. */
        public float $seconds,
        /** The doubles after it miss more often. */
        public bool $tires,
    ) {
    }

    public static function of(Station $station): self
    {
        return new self($station->kind, $station->name, $station->reps, $station->seconds, $station->tires);
    }
}
