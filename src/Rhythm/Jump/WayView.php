<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Zumbo\Core\Jump\WayToJump;

/**
 * One way to jump, with its price.
 */
final readonly class WayView
{
    private function __construct(
        public float $jumpM,
        public float $cadencePerMin,
        public float $turnsPerMin,
        /** An upper bound: what the tendons give back is left out. */
        public float $powerWPerKg,
        public float $dragW,
        /** Negative: it can't be done at an even rate. */
        public float $lateBudgetS,
    ) {
    }

    public static function of(WayToJump $way, float $dragW): self
    {
        return new self(
            $way->jump->flight->heightM,
            $way->cadence,
            $way->evenTurnsPerMinute,
            $way->powerPerKg,
            $dragW,
            $way->lateBudgetS,
        );
    }
}
