<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Streak;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;
use Zumbo\Core\Tests\Reference;

/**
 * @phpstan-type BetaInput array{data: list<array{int, bool}>, a0: float, b0: float}
 * @phpstan-type BetaOutput array{
 *     alpha: float,
 *     beta: float,
 *     mean: float,
 *     ci95: list<float>,
 *     p_next: array<int, float>,
 *     ci95_streak: array<int, list<float>>,
 *     feller_posterior: array<int, float|string>,
 * }
 */
final class PosteriorTest extends TestCase
{
    /**
     * @param BetaInput  $in
     * @param BetaOutput $out
     */
    #[DataProvider('betaCases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $counted = array_map(
            static fn (array $go): CountedReps => CountedReps::attempt(
                $go[0],
                $go[1] ? AttemptEnd::Stopped : AttemptEnd::Miss,
            ),
            $in['data'],
        );
        $posterior = Posterior::of(Prior::of($in['a0'], $in['b0']), $counted);
        self::assertSame(
            [(float) $out['alpha'], (float) $out['beta']],
            [$posterior->chance->alpha, $posterior->chance->beta],
        );
        self::assertEqualsWithDelta($out['mean'], $posterior->chance->mean(), 1e-6);
        self::assertEqualsWithDelta($out['ci95'], $posterior->interval(), 1e-6);
        [$low, $high] = $posterior->interval();
        foreach ($out['p_next'] as $reps => $chance) {
            self::assertEqualsWithDelta($chance, $posterior->chanceOf((int) $reps), 1e-6);
            self::assertEqualsWithDelta($out['ci95_streak'][$reps], [$low ** $reps, $high ** $reps], 1e-6);
            $expected = $out['feller_posterior'][$reps];
            if (\is_string($expected)) {
                self::assertNull($posterior->expectedReps((int) $reps));
            } else {
                self::assertEqualsWithDelta($expected, $posterior->expectedReps((int) $reps), 1e-5 * $expected);
            }
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function betaCases(): iterable
    {
        return Reference::cases('streaks.json', 'beta');
    }

    /** W. Feller, An Introduction to Probability Theory and Its Applications I, ch. XIII. */
    public function testExpectedRepsToAStreakAreFellers(): void
    {
        foreach (Reference::cases('streaks.json', 'feller') as [$in, $out]) {
            foreach ($out['reps'] as $i => $reps) {
                $ours = Posterior::repsToStreak((float) $in['p'][$i], (int) $in['r'][$i]);
                'inf' === $reps
                    ? self::assertInfinite($ours)
                    : self::assertEqualsWithDelta($reps, $ours, 1e-5 * max(1, $reps));
            }
        }
    }

    public function testChanceOfCleanTriesAgreesWithScipysBetaBinomial(): void
    {
        foreach (Reference::file('special-functions.json')['beta_binomial'] as $row) {
            $posterior = Posterior::of(Prior::of((float) $row['alpha'], (float) $row['beta']), []);
            self::assertEqualsWithDelta(
                $row['at_least'],
                $posterior->chanceOfClean((int) $row['clean'], (int) $row['tries']),
                1e-10,
            );
        }
    }

    public function testASumSaysTheSameAsItsGoesAboutTheMean(): void
    {
        $goes = [
            CountedReps::attempt(12, AttemptEnd::Miss),
            CountedReps::attempt(30, AttemptEnd::Miss),
            CountedReps::attempt(8, AttemptEnd::Stopped),
        ];
        $one = Posterior::of(Prior::flat(), $goes);
        $other = Posterior::of(Prior::flat(), [CountedReps::sum(50, 2)]);
        self::assertSame($one->chance->alpha, $other->chance->alpha);
        self::assertSame($one->chance->beta, $other->chance->beta);
        self::assertTrue($other->summed);
        self::assertFalse($one->summed);
    }

    public function testAMonthOldEntryCountsHalf(): void
    {
        $posterior = Posterior::of(Prior::flat(), [CountedReps::sum(40, 4, CountedReps::HALF_LIFE_DAYS)]);
        self::assertEqualsWithDelta(21.0, $posterior->chance->alpha, 1e-12);
        self::assertEqualsWithDelta(3.0, $posterior->chance->beta, 1e-12);
    }

    public function testMoreRepsRaiseAndMissesLowerTheChance(): void
    {
        $chance = static fn (int $reps, int $misses): float => Posterior::of(Prior::forStage(Stage::Link), [
            CountedReps::sum($reps, $misses),
        ])->chanceOf(20);
        self::assertGreaterThan($chance(50, 3), $chance(80, 3));
        self::assertLessThan($chance(50, 3), $chance(50, 6));
    }

    public function testLongerStreaksAreNeverMoreLikely(): void
    {
        $posterior = Posterior::of(Prior::forStage(Stage::Mix), [CountedReps::sum(50, 5)]);
        $last = 1.0;
        for ($reps = 1; $reps < 100; ++$reps) {
            self::assertLessThan($last, $posterior->chanceOf($reps));
            $last = $posterior->chanceOf($reps);
        }
    }

    public function testEveryStageHasAPriorWithTheTypicalStreakAsItsMean(): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertSame(2.0, Prior::forStage($stage)->beta);
        }
        self::assertSame(10.0, Prior::forStage(Stage::Link)->alpha);
        self::assertSame(60.0, Prior::forStage(Stage::Singles)->alpha);
    }

    /**
     * @param callable(): mixed $make
     */
    #[DataProvider('senseless')]
    public function testRefusesNumbersThatNobodyCounts(callable $make): void
    {
        $this->expectException(OutOfRange::class);
        $make();
    }

    /**
     * @return iterable<string, array{callable(): mixed}>
     */
    public static function senseless(): iterable
    {
        yield 'negative reps' => [static fn (): mixed => CountedReps::attempt(-1, AttemptEnd::Miss)];
        yield 'a million reps' => [static fn (): mixed => CountedReps::sum(1_000_000, 0)];
        yield 'tomorrow' => [static fn (): mixed => CountedReps::sum(1, 0, -1.0)];
        yield 'a prior of nothing' => [static fn (): mixed => Prior::of(0.0, 1.0)];
    }
}
