<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Numeric\BetaDistribution;

/**
 * When jumping ends for today because misses pile up: when tonight's misses or more would come in fewer than one of a
 * hundred evenings by the athlete's own rate, and there are at least eight.
 *
 * An evening's rate is beta-distributed around the usual one: tonight's misses are beta-binomial. How much evenings
 * differ (concentration 100) and all limits are our assumption; judged anew with every entry, an ordinary evening is
 * stopped in at most 4 of 100 (tested by simulation).
 */
final class StopRule
{
    public const LEAST_MISSES = 8;
    public const RARER_THAN = 0.01;
    public const CONCENTRATION = 100.0;

    /** Of fewer tries than this nobody knows a usual rate. */
    public const LEAST_USUAL_TRIES = 60;

    /** @return Verdict|null null: go on */
    public static function of(int $reps, int $misses, int $usualReps, int $usualMisses): ?Verdict
    {
        $usual = $usualReps + $usualMisses;
        if ($misses < self::LEAST_MISSES || $usual < self::LEAST_USUAL_TRIES) {
            return null;
        }
        // Nobody never misses: half a miss more than was seen.
        $rate = ($usualMisses + 0.5) / ($usual + 1);
        $tries = $reps + $misses;

        return self::chanceOfAtLeast($misses, $tries, $rate) >= self::RARER_THAN
            ? null
            : Verdict::of('stop.misses', [
                'misses' => $misses,
                'tries' => $tries,
                'usual' => (int) round($rate * $tries),
            ]);
    }

    /** With how many misses in so many tries jumping would end; null: nobody knows a usual rate, or not even all would do it. */
    public static function endsAt(int $tries, int $usualReps, int $usualMisses): ?int
    {
        for ($misses = self::LEAST_MISSES; $misses <= $tries; ++$misses) {
            if (null !== self::of($tries - $misses, $misses, $usualReps, $usualMisses)) {
                return $misses;
            }
        }

        return null;
    }

    /** The beta-binomial distribution's upper tail. */
    public static function chanceOfAtLeast(int $misses, int $tries, float $rate): float
    {
        $below = 0.0;
        $evenings = BetaDistribution::of(self::CONCENTRATION * $rate, self::CONCENTRATION * (1 - $rate))->successesAmong($tries);
        foreach ($evenings as $k => $chance) {
            if ($k >= $misses) {
                break;
            }
            $below += $chance;
        }

        return max(0.0, 1.0 - $below);
    }
}
