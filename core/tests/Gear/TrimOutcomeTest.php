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
     * @param array{int, int} $before
     * @param array{int, int} $after
     */
    #[DataProvider('referenceCases')]
    public function testTheChanceIsThatOfAReferenceLibrary(array $before, array $after, float $better): void
    {
        self::assertEqualsWithDelta(
            $better,
            TrimOutcome::of([CountedReps::sum(...$before)], [CountedReps::sum(...$after)])->chanceBetter,
            2e-3,
        );
    }

    /**
     * @return iterable<string, array{array{int, int}, array{int, int}, float}>
     */
    public static function referenceCases(): iterable
    {
        foreach (Reference::file('trims.json')['cases'] as $case) {
            yield json_encode([$case['before'], $case['after']], \JSON_THROW_ON_ERROR) => [
                $case['before'],
                $case['after'],
                $case['better'],
            ];
        }
    }

    public function testAfterAFewGoesItWaits(): void
    {
        $out = TrimOutcome::of(self::goes(20, 20, 1), self::goes(2, 20, 0));
        self::assertSame([TrimAdvice::Wait, 'trim.wait', 1], [$out->advice, $out->reason->code, $out->moreEntries]);
    }

    public function testWithNothingBeforeItThereIsNothingToCompareWith(): void
    {
        self::assertSame('trim.no_before', TrimOutcome::of([], self::goes(9, 20, 1))->reason->code);
    }

    public function testAWeekOfFewMissesCannotTellAndSaysHowManyMoreWould(): void
    {
        $out = TrimOutcome::of(self::goes(20, 25, 1), self::goes(6, 25, 1));
        self::assertSame(TrimAdvice::CannotTell, $out->advice);
        self::assertNotNull($out->moreEntries);
        self::assertGreaterThan(5, $out->moreEntries);
    }

    /** As many more as it says, at the rates seen, do tell. */
    public function testWhatItAsksForTells(): void
    {
        $before = self::goes(30, 20, 2);
        $after = self::goes(3, 20, 1);
        $out = TrimOutcome::of($before, $after);
        self::assertSame(TrimAdvice::CannotTell, $out->advice);
        self::assertSame(
            TrimAdvice::Keep,
            TrimOutcome::of($before, [...$after, ...self::goes((int) $out->moreEntries + 4, 20, 1)])->advice,
        );
    }

    public function testFewerMissesAreKeptMoreAreLetOut(): void
    {
        self::assertSame(TrimAdvice::Keep, TrimOutcome::of(self::goes(20, 20, 3), self::goes(10, 20, 1))->advice);
        self::assertSame(TrimAdvice::LetOut, TrimOutcome::of(self::goes(20, 20, 1), self::goes(10, 20, 3))->advice);
    }

    public function testTooLittleBeforeItNeverTells(): void
    {
        $out = TrimOutcome::of(self::goes(1, 9, 1), self::goes(4, 9, 1));
        self::assertSame(
            [TrimAdvice::CannotTell, null, 'trim.never_tells'],
            [$out->advice, $out->moreEntries, $out->reason->code],
        );
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

    /**
     * @return list<CountedReps>
     */
    private static function goes(int $count, int $reps, int $misses): array
    {
        return array_fill(0, $count, CountedReps::sum($reps, $misses));
    }
}
