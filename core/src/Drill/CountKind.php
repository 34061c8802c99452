<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

/**
 * What is counted in a drill.
 */
enum CountKind: string
{
    /** Reps of an unbroken go, and how it ended. */
    case Streak = 'streak';
    /** Tries that are clean or not. */
    case Tries = 'tries';
    /** Seconds of a timed hold, and the misses in it. */
    case Hold = 'hold';
}
