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
        /** In the air, a minute; null: the feet are never high enough. */
        public ?float $leastTurnsPerMinute,
        /** Lifting the body once, joules a kilogram; the same upper bound. */
        public float $workPerKg,
    ) {
    }

    public function secondsFor(int $reps): float
    {
        return ($reps * 60) / $this->cadence;
    }

    public static function of(RopeJump $jump): self
    {
        return new self(
            $jump,
            $jump->cadence(),
            $jump->evenTurnsPerMinute(),
            $jump->jumpPowerW(1.0),
            $jump->firstPass($jump->evenTurnsPerMinute())[2],
            $jump->leastTurnsPerMinute(),
            Flight::GRAVITY * $jump->flight->heightM,
        );
    }
}
