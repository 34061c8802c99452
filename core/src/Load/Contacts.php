<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Rhythm\Pattern;

/**
 * Landings of the feet, one for each jump. What was logged tells them only roughly, and so does this count.
 */
final class Contacts
{
    /**
     * @param int     $good    reps, clean tries, or seconds held
     * @param int     $misses  misses, or tries that were not clean
     * @param Pattern $pattern of one try
     * @param float   $cadence jumps a minute, for what is held
     */
    public static function logged(CountKind $measure, int $good, int $misses, Pattern $pattern, float $cadence): int
    {
        return match ($measure) {
            // A missed rep was jumped too.
            CountKind::Streak => $good + $misses,
            CountKind::Tries => ($good + $misses) * $pattern->jumps(),
            CountKind::Hold => (int) round(($good * $cadence) / 60),
        };
    }
}
