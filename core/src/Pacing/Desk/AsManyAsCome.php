<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Pacing\Workout\Station;
use Zumbo\Core\Pacing\Workout\Workout;

/**
 * Stations of an interval that ask for as many doubles as come: how many that is, on average.
 */
final class AsManyAsCome
{
    /** The workout with a number at each of them: the most whose expected time fits what the others leave of the interval. */
    public static function filled(Workout $workout, RopeWork $rope): Workout
    {
        return $workout->withStations(
            /** @param list<Station> $stations */
            static fn (array $stations, int $round): array => self::round($stations, $round, $workout->windowS, $rope),
        );
    }

    /**
     * @param list<Station> $stations
     *
     * @return list<Station>
     */
    private static function round(array $stations, int $round, int $windowS, RopeWork $rope): array
    {
        $open = array_filter($stations, static fn (Station $one): bool => $one->isDoubles() && 0 === $one->reps);
        if ([] === $open) {
            return $stations;
        }
        $left = $windowS - array_sum(array_map($rope->workS(...), $stations));
        $each = self::fitting($left / \count($open), $rope, $rope->tiredness($round, 0));

        return array_map(
            static fn (Station $one): Station => $one->isDoubles() && 0 === $one->reps ? Station::doubles($each) : $one,
            $stations,
        );
    }

    private static function fitting(float $seconds, RopeWork $rope, float $tiredness): int
    {
        $most = max(1, min(Workout::MOST_REPS, (int) floor($seconds * $rope->jumper->doublesPerS + 1e-9)));
        $plan = $rope->plan(Station::doubles($most), $tiredness);
        for ($reps = $most; $reps > 1; --$reps) {
            if ($reps / $rope->jumper->doublesPerS + ($plan->cost[$reps] ?? 0.0) <= $seconds + 1e-9) {
                return $reps;
            }
        }

        return 1;
    }
}
