<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Pacing\Aim;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\PlanAdvice;
use Zumbo\Core\Pacing\RepTiming;
use Zumbo\Core\Pacing\RoundPlan;
use Zumbo\Core\Pacing\ScaledWork;
use Zumbo\Core\Pacing\Scaling;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;
use Zumbo\Core\Tests\Reference;

final class ScaledWorkTest extends TestCase
{
    /**
     * @param array<string, mixed> $in
     * @param array<string, float> $out
     */
    #[DataProvider('scalingCases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $doubles = new RepTiming(
            (float) $in['doubles_per_s'],
            Hazard::weibull((float) $in['doubles']['lam'], (float) $in['doubles']['beta']),
            (float) $in['m'],
            (float) $in['b'],
        );
        $singles = new RepTiming(
            (float) $in['singles_per_s'],
            Hazard::constant((float) $in['singles']['q']),
            (float) $in['m'],
            (float) $in['b'],
        );
        $ways = ScaledWork::all(
            (int) $in['n'],
            (int) $in['x'],
            (float) $in['ratio'],
            (float) $in['fraction'],
            $doubles,
            $singles,
        );
        $names = [
            'full' => Scaling::Full,
            'first_x_then_singles' => Scaling::FirstThenSingles,
            'reduced' => Scaling::Fewer,
            'singles' => Scaling::Singles,
        ];
        foreach ($ways as $way) {
            if (Scaling::Tries === $way->scaling) {
                continue; // a time, not a number
            }
            self::assertEqualsWithDelta(
                $out[(string) array_search($way->scaling, $names, true)],
                $way->expectedS,
                1e-3,
            );
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function scalingCases(): iterable
    {
        return Reference::cases('pacing.json', 'scaling');
    }

    /**
     * Forty doubles for somebody who makes three of four and for somebody who misses one in eighty, by hand.
     */
    public function testTheWayFollowsTheAim(): void
    {
        $effort = static fn (float $perS, float $q): RepTiming => new RepTiming($perS, Hazard::constant($q), 6.0, 4.0);
        $weakWays = ScaledWork::all(40, 12, 2.0, 0.5, $effort(1.5, 0.25), $effort(2.0, 0.0));
        $weak = self::byScaling($weakWays);
        self::assertSame([Scaling::FirstThenSingles, Scaling::Tries, Scaling::Full], self::aims($weakWays));
        // A miss for every third double; 60 s at 1/1.5 s and 2 s of misses a double are 22.5.
        self::assertEqualsWithDelta(40 / 3, $weak['full']->misses, 1e-9);
        self::assertEqualsWithDelta(40 / 1.5 + 6 * 40 / 3, $weak['full']->expectedS, 1e-9);
        self::assertSame([23, 60.0], [$weak['tries']->doubles, $weak['tries']->expectedS]);
        self::assertEqualsWithDelta(12 / 1.5 + 6 * 4 + 56 / 2.0, $weak['first-then-singles']->expectedS, 1e-9);
        self::assertSame(12 + 56 + 4, $weak['first-then-singles']->contacts(), 'a missed jump is a contact');

        $strongWays = ScaledWork::all(40, 12, 2.0, 0.5, $effort(1.8, 0.0125), $effort(2.2, 0.0));
        $strong = self::byScaling($strongWays);
        self::assertSame([Scaling::Full, Scaling::Tries, Scaling::Full], self::aims($strongWays));
        self::assertEqualsWithDelta(0.9875 ** 40, $strong['full']->chanceUnbroken, 1e-9);
        [$low, $high] = $strong['full']->band();
        self::assertEqualsWithDelta(40 / 1.8, $low, 0.01, 'six times in ten without a miss');
        self::assertGreaterThan($strong['full']->expectedS, $high);
        self::assertNull($strong['tries']->chanceUnbroken);
    }

    public function testNobodyEarlierOnThePathIsToldToBeQuicker(): void
    {
        $before = \INF;
        foreach (Stage::cases() as $stage) {
            $hazard = AthleteHazard::of(Prior::ofDoubles($stage), [])->hazard;
            $seconds = (new RepTiming(1.77, $hazard, 10.0, 4.0))->secondsFor(50);
            self::assertLessThanOrEqual($before, $seconds, $stage->value);
            $before = $seconds;
        }
    }

    /**
     * @param non-empty-list<ScaledWork> $ways
     *
     * @return list<Scaling> for moving, practising, racing
     */
    private static function aims(array $ways): array
    {
        return array_map(
            static fn (Aim $aim): Scaling => ScaledWork::recommended($ways, $aim),
            [Aim::KeepMoving, Aim::Practise, Aim::Race],
        );
    }

    /**
     * @param list<ScaledWork> $ways
     *
     * @return array<string, ScaledWork>
     */
    private static function byScaling(array $ways): array
    {
        return array_combine(array_map(static fn (ScaledWork $way): string => $way->scaling->value, $ways), $ways);
    }

    public function testThinLogsFallBackOnWhatIsUsualAtTheStage(): void
    {
        $none = AthleteHazard::of(Prior::forStage(Stage::Hold), []);
        self::assertSame('pacing.from_stage', $none->source->code);
        self::assertEqualsWithDelta([1 / 21, 1 / 21], $none->hazard->first(2), 1e-12, 'Beta(40, 2)');
        $sums = AthleteHazard::of(Prior::forStage(Stage::Hold), [CountedReps::sum(400, 2)]);
        self::assertLessThan($none->hazard->first(1)[0], $sums->hazard->first(1)[0]);
    }

    public function testTiredMissesAreRecognisedInTheLog(): void
    {
        $goes = array_map(static fn (int $reps): CountedReps => CountedReps::attempt($reps, AttemptEnd::Miss), [
            28,
            31,
            33,
            25,
            30,
            35,
            29,
            32,
            27,
            34,
            30,
            31,
            26,
            33,
            29,
            30,
        ]);
        $tired = AthleteHazard::of(Prior::forStage(Stage::Hold), $goes);
        self::assertSame('pacing.tires', $tired->source->code);
        $q = $tired->hazard->first(40);
        self::assertGreaterThan($q[0], $q[39]);
        $start = AthleteHazard::of(
            Prior::forStage(Stage::Hold),
            array_map(static fn (int $reps): CountedReps => CountedReps::attempt($reps, AttemptEnd::Miss), [
                0,
                0,
                0,
                60,
                0,
                1,
                80,
                0,
                0,
                45,
                0,
                0,
                70,
                1,
                0,
                90,
            ]),
        );
        self::assertSame('pacing.starts_badly', $start->source->code);
    }

    public function testTellsPlainlyWhenBreaksDoNotMatter(): void
    {
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        $flat = PlanAdvice::of(RoundPlan::of(50, 1.8, Hazard::weibull(25, 1.5), 10, 4));
        self::assertStringContainsString('Breaks hardly matter', $words->sentence($flat->matter));
        $steep = PlanAdvice::of(RoundPlan::of(200, 1.7, Hazard::weibull(60, 2.5), 15, 3));
        self::assertStringContainsString(
            'Breaking pays: unbroken would take about 19 s longer',
            $words->sentence($steep->matter),
        );
        self::assertMatchesRegularExpression(
            '/^\d+(-\d+)+, restart each set with one single$/',
            $words->sentence($steep->plan),
        );
        $even = PlanAdvice::of(RoundPlan::of(30, 1.7, Hazard::constant(0.03), 8, 3));
        self::assertSame('30 in one go, no planned break', $words->sentence($even->plan));
    }
}
