<?php

declare(strict_types=1);

namespace Zumbo\App\Ropes;

/**
 * A point of the turning rope: metres from the middle, metres below the hands.
 */
final readonly class PointView
{
    public function __construct(public float $xM, public float $yM)
    {
    }
}
