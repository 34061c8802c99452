<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * How even the beat is. A variation under 4 % of the interval is even, up to 8 % to watch, above uneven (our
 * assumption).
 */
enum Evenness: string
{
    case Even = 'even';
    case Watch = 'watch';
    case Uneven = 'uneven';

    public static function ofVariation(float $share): self
    {
        return match (true) {
            $share < 0.04 => self::Even,
            $share <= 0.08 => self::Watch,
            default => self::Uneven,
        };
    }
}
