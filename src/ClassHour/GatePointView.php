<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\Core\Path\GateCurve;

/**
 * How likely a count is the next time.
 */
final readonly class GatePointView
{
    private function __construct(
        public int $count,
        public float $chance,
        /** The chance lies between with 80 %. */
        public float $low,
        public float $high,
    ) {
    }

    public static function of(GateCurve $point): self
    {
        return new self($point->count, $point->chance, $point->low, $point->high);
    }
}
