<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\ScaledWork;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Pacing\WorkoutPlan;
use Zumbo\Core\Streak\Hazard;

final class WorkoutPlanTest extends TestCase
{
    public function testWhoNeverMissesNeedsTheirJumpsAndNothingElse(): void
    {
        $plan = WorkoutPlan::of(50, 5, Hazard::constant(0.0), 10, 4);
        $jumpsS = 250 / WorkoutPlan::DOUBLES_PER_S;
        foreach ([$plan->expectedS, $plan->p10S, $plan->p90S, $plan->unbrokenS] as $seconds) {
            self::assertEqualsWithDelta($jumpsS, $seconds, 1e-9);
        }
    }

    public function testEachRoundIsHarderThanTheOneBefore(): void
    {
        $plan = WorkoutPlan::of(30, 4, Hazard::constant(0.05), 10, 4);
        foreach ($plan->rounds as $i => $round) {
            $tired = array_fill(0, 30, 0.05 * 1.05 ** $i);
            self::assertEqualsWithDelta(
                30 / WorkoutPlan::DOUBLES_PER_S + SetPlan::best(30, $tired, 10, 4)->expectedLossS(),
                $round->expectedS,
                1e-6,
                'round '.($i + 1),
            );
        }
    }

    /**
     * The rounds of one workout, drawn one by one: mean and tenths of the times. Rounds are independent, so the plan's
     * convolution must agree with the draws.
     */
    public function testTheBandHoldsWhatIsDrawn(): void
    {
        $hazard = Hazard::constant(0.04);
        $plan = WorkoutPlan::of(20, 3, $hazard, 8, 3);
        mt_srand(20_261_127);
        $times = [];
        for ($i = 0; $i < 4000; ++$i) {
            $times[] = 60 / WorkoutPlan::DOUBLES_PER_S + array_sum(array_map(
                static fn (int $round): int => self::lostS(20, 0.04 * 1.05 ** $round, 8, 3),
                [0, 1, 2],
            ));
        }
        sort($times);
        self::assertEqualsWithDelta(array_sum($times) / 4000, $plan->expectedS, 0.6);
        self::assertEqualsWithDelta($times[400], $plan->p10S, 1.01);
        self::assertEqualsWithDelta($times[3600], $plan->p90S, 1.01);
    }

    public function testTheWaysToScaleAreThoseOfAllRounds(): void
    {
        $one = WorkoutPlan::of(30, 1, Hazard::constant(0.0), 10, 4)->ways;
        $three = WorkoutPlan::of(30, 3, Hazard::constant(0.0), 10, 4)->ways;
        $counted = static fn (int $times): callable => static fn (ScaledWork $way): array => [
            $way->scaling,
            $times * $way->doubles,
            $times * $way->singles,
        ];
        self::assertSame(array_map($counted(3), $one), array_map($counted(1), $three));
    }

    /** Seconds lost in one drawn round that follows the best plan. */
    private static function lostS(int $reps, float $q, int $missS, int $breakS): int
    {
        $plan = SetPlan::best($reps, array_fill(0, $reps, $q), $missS, $breakS);
        $lost = 0;
        for ($left = $reps; $left > 0;) {
            $set = $plan->choice[$left];
            $done = 0;
            while ($done < $set && mt_rand() / mt_getrandmax() >= $q) {
                ++$done;
            }
            $left -= $done;
            $lost += $done < $set ? $missS : ($left > 0 ? $breakS : 0);
        }

        return $lost;
    }
}
