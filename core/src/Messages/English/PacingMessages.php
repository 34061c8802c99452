<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said after a paced workout, and of forecasts. ICU messages by the verdict's code.
 */
final class PacingMessages
{
    public const ALL = [
        'fact.keep' => 'As planned: keep the plan',
        'fact.mishap' => 'One set went wrong, the others went as planned: keep the plan',
        'fact.write_station' => 'The rope was not it: {station} took {taken_s} s a time, planned were {planned_s} s. '
            .'Write that into the workout',
        'fact.start_slower' => 'Too fast a start: the first round was quicker than planned, and the later ones paid for it. Start slower',
        'fact.smaller_sets' => 'More misses than expected, {misses} where about {expected} were, from round {round} on. '
            .'Smaller sets there, or fewer doubles: plan it anew, the misses are in the log',
        'fact.shorter_breaks' => 'The breaks grew: they took longer than planned, the reps did not. Count the breaths, then go',
        'fact.own_pace' => 'The doubles themselves are slower than planned, about {a_minute} a minute. Plan more time for them',
        'fact.restart_sooner' => 'No more misses than expected, but each took long. Practise the restart: one single, then on',
        'fact.count_misses' => 'Slower at the rope, and nobody counted the misses: count them next time, to know why',
        'fact.touch_each' => 'Too few touches to tell where the time went: touch after each set next time',
        'fact.bolder' => 'Quicker than nine times in ten: be bolder next time, a break fewer or more doubles',
        'fact.fewer_doubles' => 'Stopped before the end, and the rope was why: {misses, plural, one {# miss} other {# misses}} where about '
            .'{expected} were expected. Fewer doubles next time',
        'fact.stopped_elsewhere' => 'Stopped before the end, but not for the rope: it went as planned',
        'calibration.none' => 'No forecast could be held against fact yet: keep a paced workout',
        'calibration.few' => '{held} of {of} forecasts held: too few to tell whether they are right',
        'calibration.right' => '{held} of {of} forecasts held; eight in ten ought to',
        'calibration.widened' => '{held} of {of} forecasts held; eight in ten ought to. Bands are {percent} % wider from now on',
    ];
}
