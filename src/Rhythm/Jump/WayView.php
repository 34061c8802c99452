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
        public float $powerW,
        /** The same, of one jump. */
        public float $workJ,
        public float $secondsFor50,
        /** In the air; null: the feet are never high enough. */
        public ?float $leastTurnsPerMin,
        public float $dragW,
        /** Negative: it can't be done at an even rate. */
        public float $lateBudgetS,
    ) {
    }

    public static function of(WayToJump $way, float $dragW, float $massKg): self
    {
        return new self(
            $way->jump->flight->heightM,
            $way->cadence,
            $way->evenTurnsPerMinute,
            $massKg * $way->powerPerKg,
            $massKg * $way->workPerKg,
            $way->secondsFor(50),
            $way->leastTurnsPerMinute,
            $dragW,
            $way->lateBudgetS,
        );
    }
}
