<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * What is done at a station.
 */
enum StationKind: string
{
    case Doubles = 'doubles';
    case Singles = 'singles';
    /** Tries of the double for a time. */
    case Tries = 'tries';
    /** Anything that is not the rope: it takes its seconds. */
    case Work = 'work';
    case Rest = 'rest';
}
