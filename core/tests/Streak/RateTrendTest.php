<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Streak;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Numeric\NormalDistribution;
use Zumbo\Core\Streak\RateTrend;

final class RateTrendTest extends TestCase
{
    /** R's glm with family poisson, an offset and weights: reference/trends.json. */
    public function testItIsTheRegressionThatRFits(): void
    {
        $cases = self::cases();
        self::assertCount(12, $cases);
        foreach ($cases as $i => $case) {
            $trend = RateTrend::of($case['sessions'], 0.0, $case['concentration'], \INF);
            self::assertNotNull($trend);
            self::assertEqualsWithDelta($case['slope'], $trend->slope, 1e-6, 'case '.$i);
            self::assertEqualsWithDelta($case['error'], $trend->error, 1e-6, 'case '.$i);
            $learned = RateTrend::of($case['sessions'], 0.0, $case['concentration'], 0.0);
            self::assertEqualsWithDelta($case['quasi'], $learned?->error, 1e-6, 'case '.$i);
        }
    }

    public function testWhoeverDoubtsBelievesLess(): void
    {
        $rising = [[0.0, 80, 4], [0.5, 90, 9], [1.0, 100, 20]];
        $open = RateTrend::of($rising);
        $doubting = RateTrend::of($rising, 8.0);
        self::assertNotNull($open);
        self::assertNotNull($doubting);
        self::assertGreaterThan($doubting->slope, $open->slope);
        self::assertGreaterThan($doubting->chanceAbove(0.0), $open->chanceAbove(0.0));
    }

    public function testNothingTellsNothing(): void
    {
        self::assertNull(RateTrend::of([[0.0, 80, 0], [1.0, 80, 0]]), 'no misses');
        self::assertNull(RateTrend::of([[1.0, 80, 3], [1.0, 80, 5]]), 'one point in time');
        $once = RateTrend::of([[0.0, 80, 0], [1.0, 80, 6]]);
        self::assertNotNull($once);
        self::assertTrue(is_finite($once->slope), 'an end without misses');
    }

    /** A hold that was ended at once is an evening with no try: it must not break the class. */
    public function testAnEveningWithoutATryTellsNothing(): void
    {
        $sessions = [[0.0, 40, 4], [1.0, 50, 3], [2.0, 45, 2]];
        $with = RateTrend::of([...$sessions, [3.0, 0, 0]]);
        self::assertNotNull($with);
        self::assertEqualsWithDelta(RateTrend::of($sessions)?->slope, $with->slope, 1e-9);
        self::assertNotNull(RateTrend::of([[0.0, 1, 1], [4000.0, 1, 0]]), 'nor where no miss was to be expected any more');
    }

    /** R's pnorm. */
    public function testTheNormalDistribution(): void
    {
        foreach ([
            [-8.0, 6.220960574271785e-16],
            [-2.5, 6.209665325776135e-03],
            [-1.0, 0.1586552539314570],
            [0.0, 0.5],
            [0.3, 0.6179114221889527],
            [1.959964, 0.9750000009035575],
            [4.0, 0.9999683287581669],
        ] as [$x, $p]) {
            self::assertEqualsWithDelta($p, NormalDistribution::cumulative($x), 1e-14 + 1e-12 * $p);
        }
    }

    /**
     * @return list<array{
     *     sessions: list<array{float, int, int}>, concentration: float, slope: float, error: float, quasi: float,
     * }>
     */
    private static function cases(): array
    {
        $json = (string) file_get_contents(__DIR__.'/../reference/trends.json');

        return json_decode($json, true, 8, \JSON_THROW_ON_ERROR);
    }
}
