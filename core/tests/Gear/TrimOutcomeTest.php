<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Gear\TailCut;
use Zumbo\Core\Gear\TrimAdvice;
use Zumbo\Core\Gear\TrimGate;
use Zumbo\Core\Gear\TrimOutcome;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Tests\Reference;

final class TrimOutcomeTest extends TestCase
{
    /**
     * @param array{int, int}     $before   tries, misses among them
     * @param array{int, int}     $after
     * @param array{float, float} $interval
     */
    #[DataProvider('referenceCases')]
    public function testIntervalAndTriesAreThoseOfAReferenceLibrary(
        array $before,
        array $after,
        array $interval,
        float $tries,
    ): void {
        $out = TrimOutcome::of([self::sum(...$before)], [self::sum(...$after)]);
        self::assertNotNull($out->interval);
        self::assertEqualsWithDelta($interval[0], $out->interval[0], 1e-6);
        self::assertEqualsWithDelta($interval[1], $out->interval[1], 1e-6);
        // Said with one digit: it is a guess itself.
        self::assertSame((int) round($tries, -(int) floor(log10($tries))), $out->triesThatTell);
        self::assertSame(
            match (true) {
                $interval[0] > 0 => TrimAdvice::LetOut,
                $interval[1] < 0 => TrimAdvice::Keep,
                default => TrimAdvice::CannotTell,
            },
            $out->advice,
        );
    }

    /**
     * @return iterable<string, array{array{int, int}, array{int, int}, array{float, float}, float}>
     */
    public static function referenceCases(): iterable
    {
        foreach (Reference::file('trims.json')['cases'] as $case) {
            yield json_encode([$case['before'], $case['after']], \JSON_THROW_ON_ERROR) => [
                $case['before'],
                $case['after'],
                $case['interval'],
                $case['tries'],
            ];
        }
    }

    public function testNothingLearntIsAnEvenChance(): void
    {
        self::assertEqualsWithDelta(0.5, TrimOutcome::of([], [])->chanceBetter, 1e-12);
        // The greatest of ten even numbers below the least of ten others: one order of C(20, 10).
        self::assertEqualsWithDelta(1 / 184756, TrimOutcome::of([self::sum(9, 0)], [self::sum(9, 9)])->chanceBetter, 1e-12);
    }

    public function testAfterAFewTriesItWaits(): void
    {
        $out = TrimOutcome::of(self::goes(20, 20, 1), [self::sum(29, 3)]);
        self::assertSame([TrimAdvice::Wait, 'trim.wait', null], [$out->advice, $out->reason->code, $out->interval]);
        self::assertSame(TrimAdvice::CannotTell, TrimOutcome::of(self::goes(20, 20, 1), [self::sum(30, 3)])->advice);
    }

    public function testWithNothingBeforeItThereIsNothingToCompareWith(): void
    {
        self::assertSame('trim.no_before', TrimOutcome::of([], self::goes(9, 20, 1))->reason->code);
    }

    /** A quarter more misses in a week is nothing that can be told; it is told as an interval, not as a quarter. */
    public function testAWeekOfFewMissesCannotTellAndSaysTheIntervalAndHowManyTriesWould(): void
    {
        $out = TrimOutcome::of([self::sum(500, 12)], [self::sum(280, 9)]);
        self::assertSame('trim.cannot_tell', $out->reason->code);
        self::assertLessThan(0, $out->reason->values['low']);
        self::assertGreaterThan(0, $out->reason->values['high']);
        self::assertSame($out->triesThatTell, $out->reason->values['tries']);
        $quiet = TrimOutcome::of([self::sum(90, 0)], [self::sum(60, 1)]);
        self::assertSame(['trim.cannot_tell_without_misses', null], [$quiet->reason->code, $quiet->triesThatTell]);
    }

    public function testTailsStayOnUntilTheLengthIsSettled(): void
    {
        [$goal, $long] = [Length::ofMetres(2.31), Length::ofMetres(2.37)];
        $hurt = TrimOutcome::of(self::goes(20, 20, 1), self::goes(10, 20, 3));
        self::assertSame('tails.not_there', TailCut::of($long, $goal, 9, null)->reason->code);
        self::assertSame('tails.let_out_first', TailCut::of($goal, $goal, 9, $hurt)->reason->code);
        self::assertSame('tails.too_new', TailCut::of($goal, $goal, 2, null)->reason->code);
        self::assertTrue(
            TailCut::of($goal, $goal, 3, TrimOutcome::of(self::goes(20, 20, 1), self::goes(6, 20, 1)))->allowed,
            'cannot tell is no reason to wait for ever',
        );
        self::assertFalse(TailCut::of($long, $goal, 9, null)->allowed);
    }

    public function testTheGateOpensAfterThreeSetsInARowWithoutAMiss(): void
    {
        self::assertFalse(TrimGate::of(self::goes(2, 20, 0))->open);
        self::assertTrue(TrimGate::of([...self::goes(4, 20, 1), ...self::goes(3, 20, 0)])->open);
        $broken = TrimGate::of([...self::goes(3, 20, 0), ...self::goes(1, 20, 1), ...self::goes(1, 20, 0)]);
        self::assertSame([false, 1], [$broken->open, $broken->verdict->values['held']]);
    }

    private static function sum(int $tries, int $misses): CountedReps
    {
        return CountedReps::sum($tries - $misses, $misses);
    }

    /**
     * @return list<CountedReps>
     */
    private static function goes(int $count, int $reps, int $misses): array
    {
        return array_fill(0, $count, CountedReps::sum($reps, $misses));
    }
}
