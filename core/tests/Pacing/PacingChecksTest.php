<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Streak\Hazard;

/**
 * The plans held against other ways to the same answer: a dynamic programme that decides rep by rep, draws, a known distribution, and
 * athletes whose chance of a miss is not of the kind that is assumed.
 */
final class PacingChecksTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(20261129));
    }

    /** After each good rep: go on, or break? Bellman's equation over (left, place in the set), without any plan of sets. */
    public function testDecidingRepByRepIsNoBetterAndNoWorse(): void
    {
        $cases = [[30.0, 2.0, 10.0, 3.0], [25.0, 1.5, 10.0, 4.0], [12.0, 2.6, 9.0, 1.5], [40.0, 0.8, 6.0, 2.0]];
        foreach ($cases as [$scale, $shape, $m, $b]) {
            $q = Hazard::weibull($scale, $shape)->first(61);
            $plan = SetPlan::best(60, $q, $m, $b);
            $start = [0 => 0.0];
            $before = array_fill(1, 61, 0.0);
            for ($left = 1; $left <= 60; ++$left) {
                // What is best with one rep fewer, at the next place: on, or a break.
                $next = static fn (int $place): float => 1 === $left ? 0.0 : min($before[$place], $b + $start[$left - 1]);
                $start[$left] = ($q[0] * $m + (1 - $q[0]) * $next(2)) / (1 - $q[0]);
                $now = [1 => $start[$left]];
                for ($place = 2; $place <= 60 - $left + 1; ++$place) {
                    $now[$place] = $q[$place - 1] * ($m + $start[$left]) + (1 - $q[$place - 1]) * $next($place + 1);
                }
                $before = $now;
                self::assertEqualsWithDelta($start[$left], $plan->cost[$left], 1e-9, "$left left");
            }
        }
    }

    /** A million workouts, seeded: each chance within four standard errors. */
    public function testAMillionWorkoutsLoseWhatIsSaid(): void
    {
        $q = Hazard::weibull(30, 2)->first(50);
        $plan = SetPlan::best(50, $q, 10, 3);
        $loss = $plan->distribution();
        $survival = [1.0];
        foreach ($q as $chance) {
            $survival[] = $survival[\count($survival) - 1] * (1 - $chance);
        }
        $runs = 1_000_000;
        $counts = [];
        for ($i = 0; $i < $runs; ++$i) {
            $left = 50;
            $lost = 0;
            while ($left > 0) {
                $set = $plan->choice[$left];
                $draw = $this->random->getInt(0, 0x3FFFFFFF) / 0x40000000;
                $done = 0;
                while ($done < $set && $draw < $survival[$done + 1]) {
                    ++$done;
                }
                $left -= $done;
                $lost += $done < $set ? 10 : ($left > 0 ? 3 : 0);
            }
            $counts[$lost] = ($counts[$lost] ?? 0) + 1;
        }
        ksort($counts);
        $sum = 0;
        foreach ($counts as $lost => $count) {
            $sum += $count;
            $said = $loss->chanceWithin((float) $lost);
            self::assertEqualsWithDelta($said, $sum / $runs, 4 * sqrt(max(1e-9, $said * (1 - $said)) / $runs) + 1e-6, "$lost s");
        }
    }

    public function testOfAnEvenChanceTheMissesAreDistributedAsIsKnown(): void
    {
        $grid = LossGrid::of(4, 10);
        foreach ([[50, 0.02], [30, 0.3], [200, 0.2]] as [$n, $q]) {
            $known = LossDistribution::ofEven($n, $q, $grid);
            $recursion = LossDistribution::ofPlan(range(0, $n), array_fill(0, $n, $q), $grid);
            self::assertEqualsWithDelta($n * $q / (1 - $q) * 10, $known->mean(), 1e-4);
            foreach ([0.0, 10.0, 20.0, 100.0, 400.0] as $seconds) {
                self::assertEqualsWithDelta($recursion->chanceWithin($seconds), $known->chanceWithin($seconds), 1e-6);
            }
        }
    }

    public function testWhatTakesTooLongIsRefused(): void
    {
        $this->expectException(TooMuchWork::class);
        $jumper = new Jumper(Hazard::weibull(40, 1.5), 1.8, 11, 7);
        TimedWorkout::of(WorkoutText::read('9 rounds: 300 doubles'), $jumper, new Effort(1_000_000));
    }

    /** Several stations, tired ones among them: mean and tenths of drawn workouts. */
    public function testABandOfSeveralStationsHoldsWhatIsDrawn(): void
    {
        $jumper = new Jumper(Hazard::weibull(25, 1.8), 1.8, 9, 3, 0.08);
        $timed = TimedWorkout::of(WorkoutText::read('3 rounds: 20 doubles, 15 squats 30 s, 25 doubles, rest 20 s'), $jumper);
        $times = [];
        for ($i = 0; $i < 4000; ++$i) {
            $seconds = $timed->workS();
            foreach ($timed->stations as $one) {
                $seconds += null === $one->plan ? 0.0 : $this->lost($one->plan, $jumper->hazard->times($one->tiredness)->first(25), 9, 3);
            }
            $times[] = $seconds;
        }
        sort($times);
        self::assertSame([1.0, 1.1], [$timed->stations[0]->tiredness, $timed->stations[2]->tiredness]);
        self::assertEqualsWithDelta(array_sum($times) / 4000, $timed->expectedS, 0.8);
        [$low, $high] = $timed->band();
        self::assertEqualsWithDelta($times[400], $low, 3.01);
        self::assertEqualsWithDelta($times[3600], $high, 3.01);
    }

    /**
     * The chance of a miss as a logistic curve, evenings that differ, costs that vary: nothing of it is what is assumed. Of the bands made
     * from the first goes of each, about eight in ten hold what comes. Of 2,000 each 80.0, 78.5 and 81.7 in 100 did.
     */
    public function testBandsFromEstimatedChancesHoldAboutEightInTen(): void
    {
        foreach ([5, 20, 80] as $goes) {
            $held = StrangeAthletes::held(150, $goes, $this->random);
            self::assertEqualsWithDelta(0.8, $held, 0.1, "$goes goes");
        }
    }

    /**
     * @param list<float> $q
     */
    private function lost(SetPlan $plan, array $q, int $miss, int $break): int
    {
        $lost = 0;
        for ($left = $plan->reps; $left > 0;) {
            $done = 0;
            while ($done < $plan->choice[$left] && $this->random->getInt(0, 999_999) / 1e6 >= $q[$done]) {
                ++$done;
            }
            $left -= $done;
            $lost += $done < $plan->choice[$left + $done] ? $miss : ($left > 0 ? $break : 0);
        }

        return $lost;
    }
}
