<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

/**
 * Energy of rope skipping: MET × kg × h (2011 Compendium of Physical Activities, codes 15551, 15552 and 15550; values from memory).
 */
final class Energy
{
    public const SLOW = 8.8;
    public const MODERATE = 11.8;
    public const FAST = 12.3;

    /** One MET is a kilocalorie per kilogram and hour. */
    public static function kilocalories(float $met, float $massKg, float $minutes): float
    {
        return $met * $massKg * $minutes / 60;
    }
}
