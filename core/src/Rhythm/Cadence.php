<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * The jumps a minute a beat is given for: slower is no rhythm, faster is nobody's (our assumption).
 */
final class Cadence
{
    public const LEAST_PER_MINUTE = 40;
    public const MOST_PER_MINUTE = 220;
}
