<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\PhaseKind;

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
    ) {
    }

    public static function of(ClockPhase $phase): self
    {
        return new self($phase->kind, $phase->seconds, $phase->round, $phase->station);
    }
}
