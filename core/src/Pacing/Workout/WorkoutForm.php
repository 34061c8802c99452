<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * What ends a workout.
 */
enum WorkoutForm: string
{
    /** All of it is done. */
    case ForTime = 'for-time';
    /** The time is up: as many rounds as fit. */
    case ManyRounds = 'many-rounds';
    /** A round begins at each minute, or every two; what is left of it is rest. */
    case EveryMinutes = 'every-minutes';
    /** As many doubles as come while work is on. */
    case Intervals = 'intervals';
}
