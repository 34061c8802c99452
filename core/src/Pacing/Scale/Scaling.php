<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Scale;

/**
 * One way to scale the doubles of a workout.
 */
enum Scaling: string
{
    /** All doubles. */
    case Full = 'full';
    /** The first ones as doubles, then singles. */
    case FirstThenSingles = 'first-then-singles';
    /** Fewer doubles. */
    case Fewer = 'fewer';
    /** Tries for a time: as many doubles as come. */
    case Tries = 'tries';
    /** Only the first rounds. */
    case HalfRounds = 'half-rounds';
    /** Singles at a ratio. */
    case Singles = 'singles';
}
