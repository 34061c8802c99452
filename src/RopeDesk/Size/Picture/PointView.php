<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

/**
 * A point of the turning rope: metres to the right of the middle, metres above the floor.
 */
final readonly class PointView
{
    /** A tenth of a millimetre: finer than any screen. */
    private const DIGITS = 4;

    private function __construct(public float $xM, public float $yM)
    {
    }

    /** @param array{x_m: float, y_m: float} $point */
    public static function of(array $point): self
    {
        return new self(round($point['x_m'], self::DIGITS), round($point['y_m'], self::DIGITS));
    }
}
