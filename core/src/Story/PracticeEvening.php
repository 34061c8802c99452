<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Measure\OutOfRange;

/**
 * One evening of one athlete: what was done, and how often it missed in what the stage's gate counts.
 */
final readonly class PracticeEvening
{
    /**
     * @param int          $day    counted from any day
     * @param list<string> $drills what was done, by code
     * @param int          $reps   good ones
     *
     * @throws OutOfRange when a count is below 0
     */
    public function __construct(public int $day, public array $drills, public int $reps, public int $misses)
    {
        if ($reps < 0 || $misses < 0) {
            throw OutOfRange::of($reps < 0 ? 'reps' : 'misses', (string) min($reps, $misses), 'from 0');
        }
    }
}
