<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillWork;

/**
 * Landings of the feet, one for each jump. What was logged tells them only roughly, and so does this count.
 */
final class Contacts
{
    /**
     * @param int $good   reps, clean tries, or seconds held
     * @param int $misses misses, or tries that were not clean
     */
    public static function logged(CountKind $measure, int $good, int $misses, Drill $drill): int
    {
        if (DrillWork::Rope === $drill->work) {
            return 0;
        }

        return match ($measure) {
            // A missed rep was jumped too.
            CountKind::Streak => $good + $misses,
            CountKind::Tries => ($good + $misses) * $drill->pattern->jumps(),
            CountKind::Hold => (int) round(($good * $drill->cadence) / 60),
        };
    }
}
