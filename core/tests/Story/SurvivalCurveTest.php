<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Story;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Story\CurvePoint;
use Zumbo\Core\Story\SurvivalCurve;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

final class SurvivalCurveTest extends TestCase
{
    /** R's survival package, survfit with conf.type = "log-log": files/survival-bands.R. */
    public function testItsBandsAreThoseOfR(): void
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/files/survival-bands.json'), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($cases);
        foreach ($cases as $i => ['reps' => $reps, 'miss' => $misses, 'points' => $points]) {
            $curve = SurvivalCurve::of(self::goes($reps, $misses));
            self::assertSameSize($points, $curve->points);
            foreach ($points as $at => [$time, $share, $low, $high]) {
                $point = $curve->points[$at];
                self::assertSame($time, $point->reps, "case $i");
                self::assertEqualsWithDelta($share, $point->share, 1e-9, "case $i at $time");
                if (null !== $low) {
                    self::assertEqualsWithDelta($low, $point->low, 1e-6, "case $i at $time");
                    self::assertEqualsWithDelta($high, $point->high, 1e-6, "case $i at $time");
                }
            }
        }
    }

    public function testBeforeTheFirstMissEveryGoIsThere(): void
    {
        $curve = SurvivalCurve::of(self::goes([5, 9], [1, 0]));
        self::assertEqualsWithDelta(new CurvePoint(5, 1.0, sqrt(0.025), 1.0), $curve->at(5), 1e-12);
        self::assertSame(0.5, $curve->at(6)?->share);
        self::assertSame(0.5, $curve->at(9)?->share);
        self::assertNull($curve->at(10), 'nobody was seen so far');
        self::assertSame(0.0, SurvivalCurve::of(self::goes([5, 5], [1, 1]))->at(10)?->share, 'all ended before');
    }

    public function testGoesThatWereStoppedSayNothingOfWhatLiesBeyond(): void
    {
        $stopped = SurvivalCurve::of(self::goes([10, 10, 4], [0, 0, 1]));
        self::assertSame(10, $stopped->toldUpTo(20));
        self::assertEqualsWithDelta(2 / 3, $stopped->at($stopped->toldUpTo(20))?->share, 1e-12);
        self::assertSame(8, $stopped->toldUpTo(8));
        self::assertSame(20, SurvivalCurve::of(self::goes([5, 5], [1, 1]))->toldUpTo(20), 'all ended: none reaches 20');
    }

    public function testOfNoGoesThereIsNoCurve(): void
    {
        self::assertSame([], SurvivalCurve::of([])->points);
        self::assertNull(SurvivalCurve::of([])->at(1));
    }

    public function testTwoCurvesPartOnlyWhereTheirBandsDo(): void
    {
        $weak = SurvivalCurve::of(self::goes(array_fill(0, 30, 4), array_fill(0, 30, 1)));
        $strong = SurvivalCurve::of(self::goes([...array_fill(0, 28, 40), 4, 6], [...array_fill(0, 28, 0), 1, 1]));
        self::assertSame(1, $strong->against($weak, 10));
        self::assertSame(-1, $weak->against($strong, 10));
        $few = SurvivalCurve::of(self::goes([12, 3], [0, 1]));
        self::assertSame(0, $few->against($weak, 3));
        self::assertNull($few->against($weak, 60));
    }

    /**
     * @param list<int> $reps
     * @param list<int> $misses
     *
     * @return list<CountedReps>
     */
    private static function goes(array $reps, array $misses): array
    {
        return array_map(
            static fn (int $one, int $miss): CountedReps => CountedReps::attempt(
                $one,
                1 === $miss ? AttemptEnd::Miss : AttemptEnd::Stopped,
            ),
            $reps,
            $misses,
        );
    }
}
