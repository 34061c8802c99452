<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Length;

/**
 * Whether somebody grew so much that what was measured on their body no longer holds.
 */
final class Growth
{
    /** From here on a tape reads another height (our assumption). */
    private const MATTERS_M = 0.0195;

    public static function matters(Length $one, Length $other): bool
    {
        return abs($one->metres() - $other->metres()) >= self::MATTERS_M;
    }
}
