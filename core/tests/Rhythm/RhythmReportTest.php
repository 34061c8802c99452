<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\Evenness;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;
use Zumbo\Core\Tests\Reference;

final class RhythmReportTest extends TestCase
{
    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $out
     */
    #[DataProvider('takes')]
    public function testCountsAndBeatAgreeWithTheReference(array $in, array $out): void
    {
        $reading = RhythmReport::of(Take::of($in['ticks'], $in['landings']));
        $beat = $reading->beat;
        self::assertNotNull($beat);
        self::assertSame(
            [$out['jumps'], $out['turns'], $out['passes'], $out['pauses']],
            [\count($reading->passes), $reading->turns, $reading->passes, \count($beat->pauses)],
        );
        self::assertEqualsWithDelta(
            [$out['median_interval'], $out['cadence_median'], $out['cadence_mean'], $out['cv']],
            [$beat->medianS, $beat->cadence(), 60 / $beat->meanS, $beat->variation()],
            1e-3,
        );
        self::assertEqualsWithDelta(
            [$out['sd_ms'], $out['rmssd_ms']],
            [1000 * ($beat->deviationS ?? 0), 1000 * ($beat->successiveS ?? 0)],
            5e-4,
        );
        self::assertEqualsWithDelta($out['cv'], $beat->variation(), 1e-7);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function takes(): iterable
    {
        return Reference::cases('rhythm.json', 'rhythm');
    }

    public function testADoubleBounceIsToldFromATrip(): void
    {
        $bouncing = RhythmReport::of(self::take([1, 0, 1, 0, 1, 0, 1, 0, 1, 0]));
        self::assertSame(
            [5, [], 'rhythm.double_bounce'],
            [\count($bouncing->bounces), $bouncing->misses, $bouncing->verdict->code],
        );
        $tripped = RhythmReport::of(self::take([1, 1, 1, 1, 0, 1, 1, 1, 1, 1], pauseAfter: 5));
        self::assertSame(
            [[4], [], [['reps' => 4, 'ended' => 'miss'], ['reps' => 5, 'ended' => 'stopped']]],
            [$tripped->misses, $tripped->bounces, $tripped->streaks],
        );
    }

    public function testThePlaceWhereThePatternBrokeIsTold(): void
    {
        $take = self::take([1, 1, 1, 2, 1, 1, 2, 1, 1, 1]);
        self::assertSame(
            [7, 'rhythm.broken'],
            [
                RhythmReport::of($take, Pattern::parse('3s d'))->firstBroken,
                RhythmReport::of($take, Pattern::parse('3s d'))->verdict->code,
            ],
        );
        self::assertNull(RhythmReport::of(self::take([1, 1, 1, 2, 1, 1, 1, 2]), Pattern::parse('3s d'))->firstBroken);
        self::assertSame(
            3,
            RhythmReport::of(self::take([1, 1]), Pattern::parse('3s d'))->firstBroken,
            'it ended too early',
        );
    }

    /** A steady speed-up is not unevenness: successive differences stay small, and the drift is told. */
    public function testASteadySpeedUpIsDrift(): void
    {
        $landings = [0.0];
        for ($i = 1; $i <= 60; ++$i) {
            $landings[] = $landings[$i - 1] + 60 / (100 + 0.4 * $i);
        }
        $turns = array_map(static fn (float $at): float => $at - 0.1, \array_slice($landings, 1));
        $reading = RhythmReport::of(Take::of($turns, $landings));
        self::assertSame('rhythm.rushing', $reading->verdict->code);
        self::assertEqualsWithDelta(44, $reading->beat->driftPerMinute ?? 0, 6, 'from 100 to 124 in about 32 s');
        self::assertLessThan(0.01, $reading->beat?->successiveS);
    }

    public function testEvennessHasItsLimits(): void
    {
        self::assertSame(
            [Evenness::Even, Evenness::Watch, Evenness::Uneven],
            array_map(Evenness::ofVariation(...), [0.039, 0.08, 0.081]),
        );
    }

    public function testLittleSaysLittle(): void
    {
        $reading = RhythmReport::of(Take::of([], [1.0]));
        self::assertSame([[], null, 'rhythm.too_few'], [$reading->passes, $reading->beat, $reading->verdict->code]);
        self::assertSame([], RhythmReport::of(Take::of([], []))->streaks);
    }

    public function testTimesMustAscend(): void
    {
        $this->expectExceptionMessage('landings[2] 0.5 s');
        $this->expectException(OutOfRange::class);
        Take::of([], [0.1, 0.5, 0.5]);
    }

    /**
     * @param list<int> $passes
     */
    private static function take(array $passes, ?int $pauseAfter = null): Take
    {
        $landings = [0.5];
        $turns = [];
        foreach ($passes as $i => $count) {
            $at = $landings[$i];
            for ($turn = 1; $turn <= $count; ++$turn) {
                $turns[] = $at + (0.5 * $turn) / ($count + 1);
            }
            $landings[] = $at + ($i + 1 === $pauseAfter ? 1.6 : 0.5) + ($i % 2) * 0.004;
        }

        return Take::of($turns, $landings);
    }
}
