<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Streak\Hazard;

final class LossGridTest extends TestCase
{
    #[DataProvider('costs')]
    public function testTheLargestCommonStepIsTaken(
        float $break,
        float $miss,
        float $step,
        int $breakSteps,
        int $missSteps,
    ): void {
        $grid = LossGrid::of($break, $miss);
        self::assertEqualsWithDelta($step, $grid->stepS, 1e-12);
        self::assertSame([$breakSteps, $missSteps], [$grid->breakSteps, $grid->missSteps]);
    }

    /**
     * @return iterable<string, array{float, float, float, int, int}>
     */
    public static function costs(): iterable
    {
        yield 'whole seconds' => [4.0, 10.0, 2.0, 2, 5];
        yield 'half seconds' => [2.5, 7.5, 2.5, 1, 3];
        yield 'a tenth' => [0.3, 0.7, 0.1, 3, 7];
        yield 'a free break' => [0.0, 8.0, 8.0, 0, 1];
        yield 'all free' => [0.0, 0.0, 1.0, 0, 0];
    }

    public function testCostsWithoutACommonStepAreRoundedByAnEightHundredthAtMost(): void
    {
        $grid = LossGrid::of(3.333, 7.919);
        self::assertEqualsWithDelta(3.333, $grid->breakSteps * $grid->stepS, 7.919 / 800 + 1e-9);
        self::assertEqualsWithDelta(7.919, $grid->missSteps * $grid->stepS, 7.919 / 800 + 1e-9);
    }

    public function testTwoRoundsLoseTheSumOfBoth(): void
    {
        $plan = SetPlan::best(40, Hazard::weibull(15, 1.8)->first(40), 7.5, 2.5);
        $one = $plan->distribution();
        self::assertEqualsWithDelta($plan->expectedLossS(), $one->mean(), 1e-5);
        self::assertEqualsWithDelta(2 * $one->mean(), $one->then($one)->mean(), 1e-5);
        self::assertEqualsWithDelta(
            $one->mean(),
            LossDistribution::none(LossGrid::of(2.5, 7.5))->then($one)->mean(),
            1e-9,
        );
        [$low, $high] = $one->then($one)->quantiles([0.1, 0.9]);
        self::assertLessThan(2 * $one->quantiles([0.9])[0], $high, 'good and bad rounds even out');
        self::assertGreaterThan(2 * $one->quantiles([0.1])[0], $low);
    }
}
