<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * What to change next time: one thing, never a list.
 */
enum OneThing: string
{
    /** It went as planned, or one mishap is no reason. */
    case Keep = 'fact.keep';
    /** A station that is not the rope takes another time than was written. */
    case WriteStation = 'fact.write_station';
    case StartSlower = 'fact.start_slower';
    case SmallerSets = 'fact.smaller_sets';
    case ShorterBreaks = 'fact.shorter_breaks';
    /** The reps themselves go slower than was planned. */
    case OwnPace = 'fact.own_pace';
    /** As many misses as expected, each of them dear. */
    case RestartSooner = 'fact.restart_sooner';
    case CountMisses = 'fact.count_misses';
    case TouchEach = 'fact.touch_each';
    case Bolder = 'fact.bolder';
    case FewerDoubles = 'fact.fewer_doubles';
    case StoppedElsewhere = 'fact.stopped_elsewhere';
}
