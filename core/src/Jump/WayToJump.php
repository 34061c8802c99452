<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

/**
 * One way to do it, high and slow or low and fast, with its price. Both are shown; that high jumping is a rest is not
 * repeated without what it costs.
 */
final readonly class WayToJump
{
    private function __construct(
        public RopeJump $jump,
        /** Jumps a minute. */
        public float $cadence,
        public float $evenTurnsPerMinute,
        /** Lifting the body, watts a kilogram; an upper bound. */
        public float $powerPerKg,
        /** What a late spin may cost at the even rate, seconds; negative: it can't be done. */
        public float $lateBudgetS,
    ) {
    }

    public static function of(RopeJump $jump): self
    {
        return new self(
            $jump,
            $jump->cadence(),
            $jump->evenTurnsPerMinute(),
            $jump->jumpPowerW(1.0),
            $jump->firstPass($jump->evenTurnsPerMinute())[2],
        );
    }
}
