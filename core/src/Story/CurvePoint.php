<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

/**
 * What share of goes reached so many reps, and between which shares that lies with 95 %.
 */
final readonly class CurvePoint
{
    public function __construct(public int $reps, public float $share, public float $low, public float $high)
    {
    }
}
