<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Messages\MessageCatalogue;
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
            [7, 'rhythm.broken_round'],
            [
                RhythmReport::of($take, Pattern::parse('3s d'))->firstBroken,
                RhythmReport::of($take, Pattern::parse('3s d'))->verdict->code,
            ],
        );
        $written = RhythmReport::of($take, Pattern::parse('(3s d)x10'))->verdict;
        self::assertSame(['rhythm.broken_round', 2], [$written->code, $written->values['round']]);
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
        self::assertSame(['rhythm.rushing', 100, 124], [
            $reading->verdict->code,
            $reading->verdict->values['from'],
            $reading->verdict->values['to'],
        ]);
        self::assertEqualsWithDelta(44, $reading->beat->driftPerMinute ?? 0, 6, 'from 100 to 124 in about 32 s');
        self::assertLessThan(0.01, $reading->beat?->successiveS);
    }

    /**
     * Gaps as a coach with a stop watch would write them (common practice, no published source).
     *
     * @param list<float> $gaps
     */
    #[DataProvider('beats')]
    public function testTheBeatIsJudgedFromJumpToJump(array $gaps, string $code): void
    {
        self::assertSame($code, RhythmReport::of(self::singles($gaps))->verdict->code);
    }

    /**
     * @return iterable<string, array{list<float>, string}>
     */
    public static function beats(): iterable
    {
        yield 'faster and faster, evenly' => [array_map(static fn (int $i): float => 0.62 - 0.006 * $i, range(0, 19)), 'rhythm.rushing'];
        yield 'from a walk to a sprint' => [array_map(static fn (int $i): float => 0.62 - 0.011 * $i, range(0, 19)), 'rhythm.rushing'];
        yield 'slower and slower' => [array_map(static fn (int $i): float => 0.5 + 0.005 * $i, range(0, 19)), 'rhythm.slowing'];
        yield 'five gaps, even' => [[0.56, 0.57, 0.55, 0.58, 0.56], 'rhythm.even'];
        yield 'four gaps tell nothing' => [[0.56, 0.57, 0.55, 0.58], 'rhythm.too_few'];
        yield 'three and a wait, over and over' => [array_merge(...array_fill(0, 5, [0.46, 0.46, 0.46, 0.7])), 'rhythm.uneven'];
        yield 'a little this way and that' => [array_merge(...array_fill(0, 8, [0.5, 0.53, 0.49, 0.55])), 'rhythm.watch'];
        yield 'a scatter that looks like a slope in six' => [[0.6, 0.58, 0.61, 0.57, 0.59, 0.57], 'rhythm.even'];
    }

    public function testEachKindIsCountedApart(): void
    {
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        $counts = static fn (RhythmReport $report): string => $words->sentence($report->counts);
        $bounced = RhythmReport::of(self::take([1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1]));
        self::assertSame('6 singles, double bounce', $counts($bounced));
        self::assertEqualsWithDelta(60, $bounced->held?->cadence() ?? 0, 1.5, 'a turn a second, whatever the feet do between');
        self::assertSame('4 singles, 2 doubles, no misses', $counts(RhythmReport::of(self::take([1, 1, 2, 1, 1, 2]))));
        self::assertSame(
            '8 singles, no doubles, 1 miss',
            $counts(RhythmReport::of(self::take([1, 1, 1, 1, 0, 1, 1, 1, 1], pauseAfter: 5))),
        );
        self::assertSame('3 jumps, turns not told', $counts(RhythmReport::of(Take::of([], [0.0, 0.5, 1.0, 1.5]))));
        self::assertSame([], RhythmReport::of(Take::of([], [0.0, 0.5, 1.0, 1.5]))->bounces, 'nobody has told of turns');
    }

    /** Gaps from 0.62 to 0.48 s, each as much shorter than the one before: 60/0.62 and 60/0.48 a minute. */
    public function testASpeedUpIsToldByItsEnds(): void
    {
        $values = RhythmReport::of(
            self::singles(array_map(static fn (int $i): float => 0.62 - 0.01 * $i, range(0, 14))),
        )->verdict->values;
        self::assertSame([97, 125], [$values['from'], $values['to']]);
    }

    /** Eight turns, two landings on each, the first turn before the first landing. */
    public function testEveryTurnOfADoubleBounceIsASingle(): void
    {
        $landings = $turns = [];
        for ($turn = 0; $turn < 8; ++$turn) {
            $turns[] = 0.7 * $turn;
            array_push($landings, 0.7 * $turn + 0.05, 0.7 * $turn + 0.4);
        }
        self::assertSame(
            '8 singles, double bounce',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence(RhythmReport::of(Take::of($turns, $landings))->counts),
        );
    }

    public function testAPauseSaysItsLength(): void
    {
        $report = RhythmReport::of(self::take([1, 1, 1, 1, 1, 1, 1], pauseAfter: 4));
        self::assertEqualsWithDelta([1.6], $report->pausesS, 0.01);
        self::assertSame(
            'One pause of 1.6 s, left out of the beat.',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($report->pause ?? throw new \LogicException()),
        );
        self::assertNull(RhythmReport::of(self::take([1, 1, 1, 1]))->pause);
    }

    /** Two singles and a double, six times; the double of the fourth round catches on the toes, and she goes on. */
    public function testTheMissIsToldInTermsOfThePattern(): void
    {
        $passes = array_merge(...array_fill(0, 6, [1, 1, 2]));
        foreach ([0, 1] as $caught) {
            $passes[11] = $caught;
            $report = RhythmReport::of(self::take($passes, pauseAfter: 12), Pattern::parse('2s d'));
            self::assertSame(
                [12, 4, 'd', [11]],
                [$report->firstBroken, $report->verdict->values['round'], $report->verdict->values['kind'], $report->misses],
            );
            $words = MessageCatalogue::in(LengthUnit::Centimetre);
            self::assertSame('12 singles, 5 doubles, 1 miss', $words->sentence($report->counts));
            self::assertStringStartsWith('Round 4, the double: ', $words->sentence($report->verdict));
            self::assertSame([11, 6], array_column($report->streaks, 'reps'));
        }
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
     * @param list<float> $gaps
     */
    private static function singles(array $gaps): Take
    {
        $landings = [0.0];
        foreach ($gaps as $gap) {
            $landings[] = end($landings) + $gap;
        }

        return Take::of(array_map(static fn (float $at): float => $at - 0.1, \array_slice($landings, 1)), $landings);
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
