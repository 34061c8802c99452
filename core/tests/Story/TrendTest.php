<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Story;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Story\BeatTrend;
use Zumbo\Core\Story\ChangePoint;
use Zumbo\Core\Story\Smoothed;

final class TrendTest extends TestCase
{
    /** R's own lowess, with ties, pauses and odd values: files/smooth-and-break.R. */
    public function testTheSmoothLineIsThatOfR(): void
    {
        foreach (self::cases() as $i => $case) {
            $line = Smoothed::line(self::floats($case['day']), self::floats($case['beat']));
            foreach (self::floats($case['smooth']) as $at => $value) {
                self::assertEqualsWithDelta($value, $line[$at], 1e-6, "case $i at $at");
            }
        }
    }

    /** R's strucchange, exact least squares with one break, four at least on either side: files/smooth-and-break.R. */
    public function testTheChangeIsWhereRFindsIt(): void
    {
        foreach (self::cases() as $i => $case) {
            $change = ChangePoint::best(self::floats($case['beat']));
            self::assertSame($case['place'], $change?->place, "case $i");
            self::assertEqualsWithDelta($case['squares'], $change->squares, 1e-6);
            self::assertEqualsWithDelta($case['one'], $change->squaresOfOne, 1e-6);
        }
    }

    public function testAChangeIsSeldomToldOfALevelAndMostlyOfAStep(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $told = ['level' => 0, 'step' => 0];
        for ($i = 0; $i < 500; ++$i) {
            $count = $random->getInt(8, 40);
            $level = $step = [];
            for ($j = 0; $j < $count; ++$j) {
                $level[] = 100 + 3 * self::normal($random);
                $step[] = 100 + 3 * self::normal($random) + ($j >= intdiv($count, 2) ? 7.5 : 0.0);
            }
            $told['level'] += (int) (ChangePoint::best($level)?->stands() ?? false);
            $told['step'] += (int) (ChangePoint::best($step)?->stands() ?? false);
        }
        fwrite(\STDERR, \sprintf("\na change is told of %d of 500 levels, and of %d of 500 steps\n", $told['level'], $told['step']));
        self::assertLessThanOrEqual(25, $told['level'], 'of 500 levels');
        self::assertGreaterThanOrEqual(425, $told['step'], 'of 500 steps of two and a half deviations');
    }

    public function testTooFewHaveNoChangeAndAFlatLineNone(): void
    {
        self::assertNull(ChangePoint::best([1.0, 1.0, 1.0, 5.0, 5.0, 5.0, 5.0]));
        self::assertFalse(ChangePoint::best(array_fill(0, 12, 104.3))?->stands());
        $clear = ChangePoint::best([96.0, 96.0, 96.0, 96.0, 104.0, 104.0, 104.0, 104.0]);
        self::assertTrue($clear?->stands());
        self::assertSame([4, 96.0, 104.0], [$clear->place, $clear->before, $clear->after]);
    }

    public function testTheBeatIsToldAsItIsNowAndFromWhenItWasAnother(): void
    {
        $cadences = [96, 97, 95, 96, 96, 108, 107, 109, 108];
        $trend = BeatTrend::of(self::takes($cadences, array_fill(0, 9, 0.03)), 'singles');
        self::assertSame(['story.beat_now', 'story.beat_quicker'], array_column($trend->said, 'code'));
        self::assertSame(
            ['takes' => 9, 'what' => 'singles', 'cadence' => 108, 'above' => 8, 'below' => 0, 'percent' => 3],
            $trend->said[0]->values,
        );
        self::assertSame(['day' => 'day 15', 'before' => -4, 'after' => 8, 'by' => 12], $trend->said[1]->values);
        self::assertCount(9, $trend->line);
        $variations = [0.09, 0.08, 0.09, 0.08, 0.03, 0.02, 0.03, 0.03];
        $evener = BeatTrend::of(self::takes(array_fill(0, 8, 100), $variations), 'doubles');
        self::assertSame('story.beat_evener', $evener->said[1]->code);
        self::assertSame(['day' => 'day 12', 'before' => 9, 'after' => 3, 'by' => 6], $evener->said[1]->values);
        self::assertSame([9, 3], [(int) round(100 * $evener->evenness[0]), (int) round(100 * $evener->evenness[7])]);
    }

    public function testASlowerDrillIsNoSlowerBeat(): void
    {
        $takes = self::takes([60, 61, 59, 60, 110, 111, 109, 110], array_fill(0, 8, 0.03));
        $takes = array_map(static fn (array $take): array => ['asked' => $take['day'] < 12 ? 60.0 : 110.0] + $take, $takes);
        self::assertSame(['story.beat_now'], array_column(BeatTrend::of($takes, 'singles')->said, 'code'));
        $takes = array_map(static fn (array $take): array => ['asked' => 6 === $take['day'] ? null : 60.0] + $take, $takes);
        self::assertSame([0, 1, 3, 4, 5, 6, 7], array_keys(BeatTrend::of($takes, 'singles')->line), 'of a game no beat is asked');
    }

    public function testAChangeThatNobodyHearsIsNotTold(): void
    {
        $trend = BeatTrend::of(self::takes([100, 100, 100, 100, 104, 104, 104, 104], array_fill(0, 8, 0.03)), 'singles');
        self::assertSame(['story.beat_now'], array_column($trend->said, 'code'));
    }

    public function testOfFewTakesThereIsNoLineAndOfNoneNothing(): void
    {
        $few = BeatTrend::of(self::takes([100, 101, 99, 140], array_fill(0, 4, 0.03)), 'singles');
        self::assertSame([[], ['story.beat_now', 'story.beat_few']], [$few->line, array_column($few->said, 'code')]);
        self::assertSame(101, $few->said[0]->values['cadence'], 'one odd take moves it little');
        self::assertSame('story.beat_none', BeatTrend::of([], 'singles')->said[0]->code);
    }

    #[TestWith([19.9, 0.1])]
    #[TestWith([400.1, 0.1])]
    #[TestWith([100.0, -0.01])]
    #[TestWith([100.0, 2.1])]
    #[TestWith([\NAN, 0.1])]
    public function testABeatThatNoTakeHasIsRefused(float $cadence, float $variation): void
    {
        $this->expectException(OutOfRange::class);
        new HeardBeat($cadence, $variation);
    }

    public function testPlacesThatGoBackAreRefused(): void
    {
        self::assertSame([3.0], Smoothed::line([1.0], [3.0]));
        $this->expectException(OutOfRange::class);
        Smoothed::line([1.0, 3.0, 2.0], [1.0, 2.0, 3.0]);
    }

    /**
     * @param list<float> $cadences
     * @param list<float> $variations
     *
     * @return list<array{day: int, named: string, beat: HeardBeat, asked: float|null}>
     */
    private static function takes(array $cadences, array $variations): array
    {
        $takes = [];
        foreach ($cadences as $i => $cadence) {
            $takes[] = ['day' => 3 * $i, 'named' => 'day '.(3 * $i), 'beat' => new HeardBeat($cadence, $variations[$i]), 'asked' => 100.0];
        }

        return $takes;
    }

    private static function normal(Randomizer $random): float
    {
        $one = static fn (): float => $random->getInt(1, 1_000_000) / 1_000_001;

        return sqrt(-2 * log($one())) * cos(2 * \M_PI * $one());
    }

    /**
     * @return list<array{day: mixed, beat: mixed, smooth: mixed, place: int, squares: float, one: float}>
     */
    private static function cases(): array
    {
        $text = (string) file_get_contents(__DIR__.'/files/smooth-and-break.json');

        /** @var list<array{day: mixed, beat: mixed, smooth: mixed, place: int, squares: float, one: float}> */
        return json_decode($text, true, flags: \JSON_THROW_ON_ERROR);
    }

    /**
     * @return list<float>
     */
    private static function floats(mixed $list): array
    {
        self::assertIsArray($list);

        return array_map(static fn (mixed $one): float => is_numeric($one) ? (float) $one : \NAN, array_values($list));
    }
}
