<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * What to change next time: one thing, never a list.
 */
enum OneThing: string
{
    /** It went as planned, or one mishap is no reason. */
    case Keep = 'keep';
    /** A station that is not the rope takes another time than was written. */
    case WriteStation = 'write_station';
    case StartSlower = 'start_slower';
    case SmallerSets = 'smaller_sets';
    case ShorterBreaks = 'shorter_breaks';
    /** The reps themselves go slower than was planned. */
    case OwnPace = 'own_pace';
    /** As many misses as expected, each of them dear. */
    case RestartSooner = 'restart_sooner';
    case CountMisses = 'count_misses';
    case TouchEach = 'touch_each';
    case Bolder = 'bolder';
    case FewerDoubles = 'fewer_doubles';
    case StoppedElsewhere = 'stopped_elsewhere';
}
