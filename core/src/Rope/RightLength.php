<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;

/**
 * How far a cable may be off its goal and still be right: 3 cm shorter to 4 cm longer (our assumption).
 */
final class RightLength
{
    public const MOST_SHORT_M = 0.03;
    public const MOST_LONG_M = 0.04;

    /** Nobody measures finer: what is off by a limit is within it. */
    public const ROUNDING_M = 0.0005;

    public static function isTooShort(Length $offBy): bool
    {
        return $offBy->metres() < -self::MOST_SHORT_M - self::ROUNDING_M;
    }

    public static function isTooLong(Length $offBy): bool
    {
        return $offBy->metres() > self::MOST_LONG_M + self::ROUNDING_M;
    }
}
