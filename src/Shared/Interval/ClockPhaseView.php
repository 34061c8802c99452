<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Interval;

use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\PhaseKind;
use Zumbo\Core\Sets\Interval\StationWork;
use Zumbo\Core\Stage\Stage;

/**
 * One phase of the clock.
 */
final readonly class ClockPhaseView
{
    private function __construct(
        public PhaseKind $kind,
        public int $seconds,
        public int $round,
        public ?string $station,
        /** To be expected of what is done in it. */
        public float $contacts,
    ) {
    }

    public static function of(ClockPhase $phase, Stage $stage, Rate $own): self
    {
        return new self(
            $phase->kind,
            $phase->seconds,
            $phase->round,
            $phase->station,
            PhaseKind::Work === $phase->kind ? StationWork::at($phase->station, $stage, $own)->contacts($phase->seconds) : 0.0,
        );
    }
}
