<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Pacing\Bends;
use Zumbo\Core\Pacing\FriendlySets;
use Zumbo\Core\Pacing\RoundPlan;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Tests\Reference;

final class SetPlanTest extends TestCase
{
    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $out
     */
    #[DataProvider('paceCases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $hazard =
            'const' === $in['hazard']
                ? Hazard::constant((float) $in['q'])
                : Hazard::weibull((float) $in['lam'], (float) $in['beta']);
        $n = (int) $in['n'];
        $plan = SetPlan::best($n, $hazard->first($n), (float) $in['m'], (float) $in['b']);
        self::assertEqualsWithDelta($out['cost'], $plan->expectedLossS(), 1e-4);
        foreach ($out['policy_first_sets'] as $reps => $set) {
            self::assertSame($set, $plan->choice[(int) $reps], "with $reps left");
        }
        $round = RoundPlan::of($n, (float) $in['reps_per_s'], $hazard, (float) $in['m'], (float) $in['b']);
        self::assertEqualsWithDelta($out['V'], $round->expectedS, 1e-3);
        self::assertEqualsWithDelta($out['unbroken_V'], $round->unbrokenS, 1e-3);
        foreach (['p10', 'p50', 'p90'] as $quantile) {
            self::assertEqualsWithDelta($out[$quantile], $round->quantilesS[$quantile], 1e-3, $quantile);
        }
        self::assertSame($n, array_sum($round->plan));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function paceCases(): iterable
    {
        return Reference::cases('pacing.json', 'pace');
    }

    public function testTheDistributionHasTheMeanOfTheRecursion(): void
    {
        foreach (
            [[30, 25, 1.5, 10.0, 4.0], [60, 15, 2.0, 12.0, 3.0], [20, 5, 0.8, 6.0, 2.0]] as [$n, $scale, $shape, $miss, $break]
        ) {
            $plan = SetPlan::best($n, Hazard::weibull($scale, $shape)->first($n), $miss, $break);
            self::assertEqualsWithDelta(
                $plan->expectedLossS(),
                $plan->distribution()->mean(),
                1e-6 * (1 + $plan->expectedLossS()),
            );
        }
    }

    /**
     * Every policy for up to ten reps: 10! of them, a set size for each number of reps left.
     */
    public function testNoPolicyBeatsThePlanForUpToTenReps(): void
    {
        foreach (
            [[4.0, 2.2, 9.0, 2.0], [3.0, 3.0, 5.0, 1.0], [8.0, 0.7, 7.0, 3.0]] as [$scale, $shape, $miss, $break]
        ) {
            $q = Hazard::weibull($scale, $shape)->first(10);
            $least = array_fill(1, 10, \INF);
            self::tryAllPolicies([0.0], $q, $miss, $break, $least);
            foreach ($least as $n => $cost) {
                self::assertEqualsWithDelta(
                    $cost,
                    SetPlan::best($n, $q, $miss, $break)->expectedLossS(),
                    1e-9,
                    "$n reps",
                );
            }
        }
    }

    /** Rising hazard alone makes breaks pay; and never when a break costs as much as a miss. */
    public function testUnbrokenIsBestWithoutTirednessOrWithDearBreaks(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($i = 0; $i < 60; ++$i) {
            $n = $random->getInt(2, 60);
            $miss = (float) $random->getInt(1, 20);
            $constant = Hazard::constant($random->getInt(1, 300) / 1000)->first($n);
            $falling = Hazard::weibull($random->getInt(3, 40), $random->getInt(40, 100) / 100)->first($n);
            $rising = Hazard::weibull($random->getInt(3, 40), $random->getInt(101, 300) / 100)->first($n);
            self::assertSame($n, SetPlan::best($n, $constant, $miss, $random->getInt(0, 20) + 0.5)->choice[$n]);
            self::assertSame($n, SetPlan::best($n, $falling, $miss, $random->getInt(0, 20) + 0.5)->choice[$n]);
            self::assertSame($n, SetPlan::best($n, $rising, $miss, $miss + $random->getInt(0, 5))->choice[$n]);
        }
    }

    /** Seeded, so it can't fail by chance: the mean of simulated workouts lies within three standard errors. */
    public function testSimulatedWorkoutsTakeTheExpectedTime(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $q = Hazard::weibull(25, 2)->first(60);
        $plan = SetPlan::best(60, $q, 10.0, 4.0);
        $losses = [];
        for ($i = 0; $i < 4000; ++$i) {
            $losses[] = self::simulate($plan, $q, $random);
        }
        $mean = array_sum($losses) / \count($losses);
        $error = sqrt(
            array_sum(array_map(static fn (float $loss): float => ($loss - $mean) ** 2, $losses)) /
                (\count($losses) - 1) /
                \count($losses),
        );
        self::assertEqualsWithDelta($plan->expectedLossS(), $mean, 3 * $error);
    }

    public function testMoreRepsAndDearerMissesNeverCostLess(): void
    {
        $q = Hazard::weibull(20, 1.8)->first(80);
        $last = -1.0;
        for ($n = 1; $n <= 80; ++$n) {
            $loss = SetPlan::best($n, $q, 10, 4)->expectedLossS();
            self::assertGreaterThan($last, $loss);
            self::assertLessThanOrEqual(SetPlan::best($n, $q, 12, 4)->expectedLossS(), $loss);
            $last = $loss;
        }
    }

    /**
     * Story: 20-15-15, later 15s; the range of first sets, planned expected and unbroken times as common practice gives them.
     */
    public function testWhoTiresBreaksAndIsGivenARange(): void
    {
        $tires = Hazard::weibull(30, 2);
        $first = RoundPlan::of(50, 1.8, $tires, 10, 3);
        self::assertSame(['from' => 12, 'to' => 31], $first->goodSets);
        self::assertEqualsWithDelta(41, $first->expectedS, 0.5);
        $last = RoundPlan::of(50, 1.8, $tires->times(1.1 ** 4), 10, 3);
        self::assertSame(['from' => 10, 'to' => 25], $last->goodSets);
        foreach ([$first, $last] as $round) {
            self::assertSame(50, array_sum($round->plan));
            self::assertSame(0, $round->plan[0] % 5, implode('-', $round->plan));
        }
    }

    /** What is recommended costs at most 1 % more than the best wherever a plan of even sets does. */
    public function testPlansAreOnesThatCanBeRememberedAndCostHardlyMore(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($i = 0; $i < 40; ++$i) {
            $n = $random->getInt(5, 90);
            $q = Hazard::weibull($random->getInt(8, 60), $random->getInt(100, 280) / 100)->first($n);
            [$miss, $break] = [$random->getInt(5, 15), $random->getInt(1, 4)];
            $best = SetPlan::best($n, $q, $miss, $break);
            $plan = FriendlySets::of($best, $n / 1.8);
            self::assertSame($n, array_sum($plan));
            $cost = $n / 1.8 + $best->lossAlong($plan);
            self::assertLessThanOrEqual(1.02 * ($n / 1.8 + $best->expectedLossS()), $cost, implode('-', $plan));
        }
        self::assertSame([30], FriendlySets::of(SetPlan::best(30, array_fill(0, 30, 0.03), 8, 3), 17));
        self::assertSame([20, 17, 15], FriendlySets::split(52, 3, 5));
        self::assertSame([3, 3, 3], FriendlySets::split(9, 3, 1));
    }

    public function testABentPlanTellsWhatEachPlaceOfABreakCosts(): void
    {
        $q = Hazard::weibull(30, 2)->first(50);
        $best = SetPlan::best(50, $q, 10, 3);
        $bent = Bends::of([20, 15, 15], $best, 50 / 1.8);
        self::assertSame([1, 21], array_column($bent->breaks, 'from'));
        self::assertSame([34, 29], array_map(\count(...), array_column($bent->breaks, 'costS')));
        self::assertEqualsWithDelta($bent->expectedS, $bent->breaks[0]['costS'][19], 1e-9, 'where it is');
        self::assertEqualsWithDelta($bent->expectedS, $bent->breaks[1]['costS'][14], 1e-9);
        $moved = 50 / 1.8 + $best->lossAlong([25, 10, 15]);
        self::assertEqualsWithDelta($moved, $bent->breaks[0]['costS'][24], 1e-9);
        self::assertLessThan(0.01 * $bent->expectedS, $bent->costS);
        self::assertSame([20, 15, 15], Bends::read(' 20 - 15-15'));
        self::assertNull(Bends::read('twenty'));
        $this->expectException(OutOfRange::class);
        Bends::of([20, 15], $best, 50 / 1.8);
    }

    public function testAPlanAlongTheBestOnesOwnSetsCostsTheSame(): void
    {
        $q = Hazard::weibull(25, 2.2)->first(60);
        $best = SetPlan::best(60, $q, 10, 3);
        self::assertEqualsWithDelta($best->expectedLossS(), $best->lossAlong(FriendlySets::path($best)), 1e-9);
        self::assertEqualsWithDelta($best->expectedLossS(), min([\INF, ...$best->lossByFirstSet()]), 1e-9);
        self::assertGreaterThan($best->expectedLossS(), $best->lossAlong([1, 59]));
    }

    #[DataProvider('senseless')]
    public function testRefusesWhatMakesNoSense(int $reps, float $miss, float $break): void
    {
        $this->expectException(OutOfRange::class);
        SetPlan::best($reps, array_fill(0, 10, 0.1), $miss, $break);
    }

    /**
     * @return iterable<string, array{int, float, float}>
     */
    public static function senseless(): iterable
    {
        yield 'nothing' => [0, 1.0, 1.0];
        yield 'more reps than hazards' => [11, 1.0, 1.0];
        yield 'a negative miss' => [5, -1.0, 1.0];
        yield 'an endless break' => [5, 1.0, \INF];
    }

    /**
     * Walks the tree of all policies by their own equation, nothing of the plan's: each branch is one set size with one
     * more rep left.
     *
     * @param non-empty-list<float> $cost  of 0, 1, … reps under the sizes chosen so far
     * @param list<float>           $q
     * @param array<int, float>     $least cheapest found so far, by reps
     */
    private static function tryAllPolicies(array $cost, array $q, float $miss, float $break, array &$least): void
    {
        $left = \count($cost);
        $lost = $q[0] * $miss;
        $survived = 1 - $q[0];
        for ($set = 1; $set <= $left; ++$set) {
            if ($set > 1) {
                $lost += $survived * $q[$set - 1] * ($miss + $cost[$left - $set + 1]);
                $survived *= 1 - $q[$set - 1];
            }
            $next = ($lost + $survived * (($set < $left ? $break : 0.0) + $cost[$left - $set])) / (1 - $q[0]);
            $least[$left] = min($least[$left], $next);
            if (isset($least[$left + 1])) {
                self::tryAllPolicies([...$cost, $next], $q, $miss, $break, $least);
            }
        }
    }

    /**
     * @param list<float> $q
     */
    private static function simulate(SetPlan $plan, array $q, Randomizer $random): float
    {
        $loss = 0.0;
        for ($left = $plan->reps; $left > 0;) {
            $set = $plan->choice[$left];
            $done = 0;
            while ($done < $set && $random->getInt(0, 999_999) >= 1e6 * $q[$done]) {
                ++$done;
            }
            $loss += $done < $set ? $plan->missCostS() : ($set < $left ? $plan->breakCostS() : 0.0);
            $left -= $done;
        }

        return $loss;
    }
}
