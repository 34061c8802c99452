<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Plan\Weeks\OddsTrend;
use Zumbo\Core\Tests\Reference;

final class OddsTrendTest extends TestCase
{
    /**
     * @param list<int> $made
     * @param list<int> $missed
     */
    #[DataProvider('fits')]
    public function testTheFitIsThatOfAReferenceLibrary(
        array $made,
        array $missed,
        float $level,
        float $slope,
        float $of,
        float $ofSlope,
        float $both,
    ): void {
        $sessions = array_map(static fn (int $good, int $bad): SessionSum => new SessionSum($good, $bad, 1, false), $made, $missed);
        $trend = OddsTrend::of($sessions);
        self::assertEqualsWithDelta($level, $trend->level, 1e-5);
        self::assertEqualsWithDelta($slope, $trend->slope, 1e-5);
        self::assertEqualsWithDelta($of, $trend->levelVariance, 2e-3 * $of);
        self::assertEqualsWithDelta($ofSlope, $trend->slopeVariance, 2e-3 * $ofSlope);
        self::assertEqualsWithDelta($both, $trend->covariance, 2e-3 * $ofSlope);
    }

    /**
     * @return iterable<string, array{list<int>, list<int>, float, float, float, float, float}>
     */
    public static function fits(): iterable
    {
        foreach (Reference::file('odds.json')['cases'] as $name => $case) {
            yield (string) $name => [
                $case['made'],
                $case['missed'],
                $case['level'],
                $case['slope'],
                $case['level_variance'],
                $case['slope_variance'],
                $case['covariance'],
            ];
        }
    }

    public function testWithoutAPracticeTheBeliefAloneIsLeft(): void
    {
        self::assertSame(OddsTrend::USUAL_SLOPE, OddsTrend::of([])->slope);
    }

    public function testAStoppedDayWeighsAQuarter(): void
    {
        $days = [new SessionSum(40, 4, 1, false), new SessionSum(40, 4, 1, false)];
        $plain = OddsTrend::of([...$days, new SessionSum(20, 20, 1, false)]);
        $stopped = OddsTrend::of([...$days, new SessionSum(20, 20, 1, false, true)]);
        self::assertGreaterThan($plain->level, $stopped->level);
    }
}
