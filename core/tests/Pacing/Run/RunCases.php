<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing\Run;

/**
 * Workouts as they were planned and as they went, and the one thing a coach would change: written from the floor, before there
 * was a rule (common practice, no published source). All invented.
 *
 * A leg: its name, seconds planned without the pause and taken with it (null: the touch was forgotten, and the next one holds
 * both), misses expected and counted (null: nobody counted), the pause planned before it.
 *
 * @phpstan-type Leg array{string, float, float|null, float, int|null, float}
 */
final class RunCases
{
    /**
     * @return array<string, array{band: array{float, float}, legs: list<Leg>, stopped: bool, thing: string}>
     */
    public static function all(): array
    {
        return [
            'as planned' => self::of([186, 222], 'keep', [
                ['doubles 20', 13, 13.4, .4, 0, 0], ['doubles 15', 10, 13.1, .3, 0, 4],
                ['doubles 15', 10, 18, .3, 1, 4], ['run', 60, 58, 0, 0, 0],
                ['doubles 15', 10, 11, .4, 0, 0], ['doubles 15', 10, 14, .4, 0, 4],
                ['doubles 20', 14, 16, .5, 0, 4], ['run', 60, 63, 0, 0, 0],
            ]),
            'the parts were off and made up for each other' => self::of([100, 130], 'keep', [
                ['doubles 30', 20, 12, 1.0, 0, 0], ['squats', 40, 52, 0, 0, 0],
                ['doubles 30', 22, 17, 1.1, 0, 0], ['squats', 40, 44, 0, 0, 0],
            ]),
            'one leg went wrong, the rest is as planned' => self::of([142, 175], 'keep', [
                ['doubles 40', 28, 27, .8, 1, 0], ['lunges', 50, 51, 0, 0, 0],
                ['doubles 40', 29, 94, .9, 2, 0], ['lunges', 50, 49, 0, 0, 0],
            ]),
            'the run was longer than it was written' => self::of([170, 215], 'write_station', [
                ['doubles 25', 16, 15, .4, 0, 0], ['run', 75, 98, 0, 0, 0], ['doubles 25', 17, 19, .4, 1, 0], ['run', 75, 101, 0, 0, 0],
            ]),
            'the run was shorter than it was written' => self::of([170, 215], 'write_station', [
                ['doubles 25', 16, 17, .4, 0, 0], ['run', 75, 52, 0, 0, 0], ['doubles 25', 17, 15, .4, 0, 0], ['run', 75, 55, 0, 0, 0],
            ]),
            'went out too fast' => self::of([160, 200], 'start_slower', [
                ['doubles 50', 36, 27, 1.2, 0, 0], ['burpees', 20, 18, 0, 0, 0],
                ['doubles 50', 38, 55, 1.3, 3, 0], ['burpees', 20, 24, 0, 0, 0],
                ['doubles 50', 40, 71, 1.4, 5, 0], ['burpees', 20, 23, 0, 0, 0],
            ]),
            'missed far more than was expected, from the start' => self::of([112, 140], 'smaller_sets', [
                ['doubles 30', 21, 42, .7, 3, 0], ['doubles 20', 14, 33, .4, 2, 4], ['row', 45, 45, 0, 0, 0],
                ['doubles 30', 22, 40, .8, 3, 0], ['doubles 20', 15, 27, .5, 2, 4],
            ]),
            'the last round fell apart' => self::of([192, 228], 'smaller_sets', [
                ['doubles 40', 28, 27, .9, 1, 0], ['press', 30, 32, 0, 0, 0], ['doubles 40', 29, 31, 1.0, 1, 0], ['press', 30, 33, 0, 0, 0],
                ['doubles 40', 30, 33, 1.1, 1, 0], ['press', 30, 34, 0, 0, 0], ['doubles 40', 31, 86, 1.2, 8, 0],
            ]),
            'the breaks grew' => self::of([120, 150], 'shorter_breaks', [
                ['doubles 20', 13, 13, .3, 0, 0], ['doubles 15', 10, 22, .2, 0, 4],
                ['doubles 15', 10, 21, .2, 0, 4], ['row', 45, 47, 0, 0, 0],
                ['doubles 20', 13, 14, .3, 1, 0], ['doubles 15', 10, 24, .2, 0, 4], ['doubles 15', 10, 26, .2, 0, 4],
            ]),
            'no miss, no break, and slow all the same' => self::of([95, 125], 'own_pace', [
                ['doubles 40', 26, 38, .5, 0, 0], ['swings', 30, 31, 0, 0, 0],
                ['doubles 40', 27, 39, .5, 0, 0], ['swings', 30, 31, 0, 0, 0],
            ]),
            'nobody counted the misses' => self::of([95, 125], 'count_misses', [
                ['doubles 40', 26, 44, .5, null, 0], ['swings', 30, 31, 0, null, 0],
                ['doubles 40', 27, 47, .5, null, 0], ['swings', 30, 29, 0, null, 0],
            ]),
            'quicker than nine of ten' => self::of([98, 128], 'bolder', [
                ['doubles 20', 15, 11.5, .6, 0, 0], ['doubles 20', 15, 12, .6, 0, 5], ['step-ups', 40, 36, 0, 0, 0],
                ['doubles 20', 16, 11, .7, 0, 0], ['doubles 20', 16, 12, .7, 0, 5],
            ]),
            'stopped before it was over' => self::of([300, 380], 'fewer_doubles', [
                ['doubles 60', 46, 81, 2.0, 5, 0], ['run', 60, 66, 0, 0, 0], ['doubles 60', 49, 122, 2.2, 9, 0],
            ], true),
            'stopped in the middle of the run, the rope was fine' => self::of([300, 380], 'stopped_elsewhere', [
                ['doubles 30', 20, 20, .4, 0, 0], ['run', 90, 95, 0, 0, 0], ['doubles 30', 21, 23, .4, 1, 0], ['run', 90, 131, 0, 0, 0],
            ], true),
            'the touches were forgotten but for the last' => self::of([150, 190], 'touch_each', [
                ['doubles 40', 28, null, .8, 0, 0], ['lunges', 50, null, 0, 0, 0],
                ['doubles 40', 29, null, .9, 0, 0], ['lunges', 50, 231, 0, 4, 0],
            ]),
            'one touch was forgotten, the rest tells enough' => self::of([150, 190], 'write_station', [
                ['doubles 40', 28, 26, .8, 0, 0], ['lunges', 50, 81, 0, 0, 0],
                ['doubles 40', 29, null, .9, 0, 0], ['lunges', 50, 104, 0, 1, 0],
            ]),
            'misses as expected, each of them dear' => self::of([80, 105], 'restart_sooner', [
                ['doubles 50', 40, 58, 1.4, 2, 0], ['squats', 20, 20, 0, 0, 0], ['doubles 50', 42, 57, 1.5, 1, 0],
            ]),
        ];
    }

    /**
     * @param array{int, int} $band
     * @param list<Leg>       $legs
     *
     * @return array{band: array{float, float}, legs: list<Leg>, stopped: bool, thing: string}
     */
    private static function of(array $band, string $thing, array $legs, bool $stopped = false): array
    {
        return ['band' => [(float) $band[0], (float) $band[1]], 'legs' => $legs, 'stopped' => $stopped, 'thing' => $thing];
    }
}
