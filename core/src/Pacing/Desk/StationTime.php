<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Pacing\Workout\Station;

/**
 * One station of a round, as it goes for an athlete.
 */
final readonly class StationTime
{
    public function __construct(
        public int $round,
        public Station $station,
        /** By how much a double misses more often than a fresh one. */
        public float $tiredness,
        public ?SetPlan $plan,
        public float $workS,
    ) {
    }

    /** On average. */
    public function expectedS(): float
    {
        return $this->workS + ($this->plan?->expectedLossS() ?? 0.0);
    }
}
