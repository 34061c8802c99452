<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Streak;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\KaplanMeier;
use Zumbo\Core\Streak\WeibullFit;
use Zumbo\Core\Tests\Reference;

final class SurvivalTest extends TestCase
{
    /** Times of the 6-MP group in MASS::gehan; R's survival package gives the same rows. */
    public function testKaplanMeierAgreesWithRsSurvivalPackageOnGehan(): void
    {
        foreach (Reference::cases('streaks.json', 'km_generic') as [$in, $out]) {
            $times = array_map(
                static fn (int $time, int $event): array => [$time, 1 === $event],
                $in['t'],
                $in['event'],
            );
            self::assertRows($out['table'], KaplanMeier::ofTimes($times));
        }
    }

    /**
     * @param array{data: list<array{int, bool}>}      $in
     * @param array{table: list<array<string, float>>} $out
     */
    #[DataProvider('streakCases')]
    public function testAMissHappensAtTheRepThatFailed(array $in, array $out): void
    {
        self::assertRows($out['table'], KaplanMeier::ofGoes(self::goes($in['data'])));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function streakCases(): iterable
    {
        return Reference::cases('streaks.json', 'km_streaks');
    }

    /**
     * @param array{data: list<array{int, bool}>}                                             $in
     * @param array{lam: float, beta: float, nll: float, se_ln_lam: float, se_ln_beta: float} $out
     */
    #[DataProvider('weibullCases')]
    public function testTheWeibullFitAgreesWithTheReference(array $in, array $out): void
    {
        $fit = WeibullFit::of(self::goes($in['data']));
        self::assertInstanceOf(WeibullFit::class, $fit);
        self::assertEqualsWithDelta($out['lam'], $fit->scale, 1e-4 * $out['lam']);
        self::assertEqualsWithDelta($out['beta'], $fit->shape, 1e-4 * $out['beta']);
        self::assertEqualsWithDelta($out['nll'], $fit->negativeLogLikelihood, 1e-3);
        self::assertEqualsWithDelta($out['se_ln_lam'], $fit->errorOfLnScale, 1e-3);
        self::assertEqualsWithDelta($out['se_ln_beta'], $fit->errorOfLnShape, 1e-3);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function weibullCases(): iterable
    {
        return Reference::cases('streaks.json', 'dweibull');
    }

    public function testFewMissesAreDrawnTowardsAConstantChance(): void
    {
        $goes = self::goes([[20, false], [22, false], [25, false], [21, false], [40, true]]);
        $free = WeibullFit::of($goes);
        $shrunk = WeibullFit::shrunk($goes);
        self::assertInstanceOf(WeibullFit::class, $free);
        self::assertInstanceOf(WeibullFit::class, $shrunk);
        self::assertLessThan(abs(log($free->shape)), abs(log($shrunk->shape)));
    }

    /**
     * @param list<array{int, bool}> $data
     */
    #[DataProvider('untold')]
    public function testACurveThatCantBeToldIsARefusalWithItsReason(array $data, string $code): void
    {
        $verdict = WeibullFit::of(self::goes($data));
        self::assertInstanceOf(Verdict::class, $verdict);
        self::assertSame($code, $verdict->code);
    }

    /**
     * @return iterable<string, array{list<array{int, bool}>, string}>
     */
    public static function untold(): iterable
    {
        yield 'nothing' => [[], 'weibull.few_misses'];
        yield 'no miss' => [[[20, true], [30, true]], 'weibull.few_misses'];
        yield 'two misses' => [[[20, false], [30, false]], 'weibull.few_misses'];
        yield 'the same rep each time' => [[[5, false], [5, false], [5, false], [5, false]], 'weibull.all_alike'];
    }

    public function testAHazardIsWhatItsCurveLoses(): void
    {
        $q = Hazard::weibull(25, 1.5)->first(60);
        $survived = 1.0;
        foreach ($q as $i => $miss) {
            $survived *= 1 - $miss;
            self::assertEqualsWithDelta(exp(-((($i + 1) / 25) ** 1.5)), $survived, 1e-12);
        }
        self::assertSame([0.1, 0.2, 0.2], Hazard::listed([0.1, 0.2])->first(3));
        self::assertSame([0.06, 0.06], Hazard::constant(0.03)->times(2)->first(2));
        self::assertSame([0.999], Hazard::constant(0.9)->times(2)->first(1));
    }

    public function testRefusesAHazardThatIsNone(): void
    {
        $this->expectException(OutOfRange::class);
        Hazard::constant(1.0);
    }

    /**
     * @param list<array<string, float>> $expected
     * @param list<KaplanMeier>          $rows
     */
    private static function assertRows(array $expected, array $rows): void
    {
        self::assertCount(\count($expected), $rows);
        foreach ($expected as $i => $row) {
            self::assertSame((int) $row['time'], $rows[$i]->time);
            self::assertSame((int) $row['n'], $rows[$i]->atRisk);
            self::assertSame((int) $row['d'], $rows[$i]->misses);
            self::assertEqualsWithDelta($row['S'], $rows[$i]->survival, 1e-6);
            if (null !== $rows[$i]->standardError) {
                self::assertEqualsWithDelta($row['se'], $rows[$i]->standardError, 1e-6);
            }
        }
    }

    /**
     * @param list<array{int, bool}> $data
     *
     * @return list<CountedReps>
     */
    private static function goes(array $data): array
    {
        return array_map(
            static fn (array $go): CountedReps => CountedReps::attempt(
                $go[0],
                $go[1] ? AttemptEnd::Stopped : AttemptEnd::Miss,
            ),
            $data,
        );
    }
}
