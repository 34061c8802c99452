<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Together;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\RopeWork;
use Zumbo\Core\Pacing\Workout\Station;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\Workout;

/**
 * All numbers that one athlete may do of a workout, from all of it down to one at each station. One best plan holds the cost of every
 * smaller number too.
 */
final class LevelOptions
{
    /** Of seconds of tries. */
    private const STEP_S = 5;

    /**
     * @return non-empty-list<LevelOption> by time, the shortest first
     */
    public static function ofDoubles(Workout $workout, Jumper $jumper, Effort $effort = new Effort()): array
    {
        $rope = new RopeWork($jumper, $effort);
        $fixed = 0.0;
        $stations = [];
        foreach ($workout->rounds() as $round => $all) {
            $tiring = 0;
            foreach ($all as $one) {
                $plan = $rope->plan($one, $rope->tiredness($round, $tiring));
                if ($one->isDoubles() && null !== $plan) {
                    $stations[] = [$one->reps, $plan->cost, $plan->missesByReps()];
                } else {
                    $fixed += $rope->workS($one) + ($plan?->expectedLossS() ?? 0.0);
                }
                $tiring += (int) $one->tires;
            }
        }
        $asked = array_sum(array_column($stations, 0));
        $options = [];
        foreach (range([] === $stations ? 1 : max(array_column($stations, 0)), 1) as $most) {
            $doubles = 0;
            $misses = 0.0;
            $seconds = $fixed;
            foreach ($stations as [$reps, $cost, $missed]) {
                $done = min($reps, $most);
                $doubles += $done;
                $misses += $missed[$done];
                $seconds += $done / $jumper->doublesPerS + $cost[$done];
            }
            $options[] = new LevelOption($most, false, (float) $doubles, $seconds, (float) ($asked - $doubles), $doubles + $misses);
        }

        return self::sorted($options);
    }

    /**
     * Of somebody who does tries for a time.
     *
     * @param float $usualS of a station
     *
     * @return non-empty-list<LevelOption>
     */
    public static function ofTries(Workout $workout, Jumper $jumper, float $usualS): array
    {
        $rope = new RopeWork($jumper);
        $fixed = 0.0;
        $stations = 0;
        foreach ($workout->rounds() as $all) {
            foreach ($all as $one) {
                $stations += (int) $one->isDoubles();
                $fixed += $one->isDoubles() ? 0.0 : self::otherS($one, $rope);
            }
        }
        $options = [];
        for ($seconds = (int) $usualS; $seconds >= self::STEP_S; $seconds -= self::STEP_S) {
            $doubles = ($stations * $seconds) / $jumper->secondsPerTry();
            $options[] = new LevelOption(
                $seconds,
                true,
                $doubles,
                $fixed + $stations * $seconds,
                ($stations * ($usualS - $seconds)) / $jumper->secondsPerTry(),
                $doubles / (1 - $jumper->hazard->first(1)[0]),
            );
        }

        return self::sorted([] === $options ? [new LevelOption((int) $usualS, true, 0.0, $fixed, 0.0)] : $options);
    }

    private static function otherS(Station $one, RopeWork $rope): float
    {
        return $rope->workS($one) + (StationKind::Singles === $one->kind ? $rope->plan($one, 1.0)?->expectedLossS() ?? 0.0 : 0.0);
    }

    /**
     * @param non-empty-list<LevelOption> $options
     *
     * @return non-empty-list<LevelOption>
     */
    private static function sorted(array $options): array
    {
        usort($options, static fn (LevelOption $a, LevelOption $b): int => $a->expectedS <=> $b->expectedS);

        return $options;
    }
}
