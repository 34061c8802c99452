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

    public function testKeepingMovingNeverScalesTheSkillOut(): void
    {
        $effort = static fn (float $perS, float $q): RepTiming => new RepTiming($perS, Hazard::constant($q), 10.0, 4.0);
        $ways = ScaledWork::all(100, 25, 2.0, 0.4, $effort(1.7, 0.2), $effort(2.2, 0.002));
        self::assertSame(Scaling::Singles, $ways[3]->scaling);
        self::assertSame(
            $ways[3]->expectedS,
            min(array_map(static fn (ScaledWork $way): float => $way->expectedS, $ways)),
            'singles alone would be quickest',
        );
        self::assertSame(Scaling::Fewer, ScaledWork::recommended($ways, Aim::KeepMoving));
        self::assertSame(Scaling::Full, ScaledWork::recommended($ways, Aim::Race));
        $easy = ScaledWork::all(40, 20, 3.0, 0.9, $effort(1.7, 0.001), $effort(2.2, 0.001));
        self::assertSame(Scaling::Full, ScaledWork::recommended($easy, Aim::Practise));
        self::assertSame(25 + 150, $ways[1]->contacts());
    }

    public function testThinLogsFallBackOnWhatIsUsualAtTheStage(): void
    {
        $none = AthleteHazard::of(Stage::Hold, []);
        self::assertSame('pacing.from_stage', $none->source->code);
        self::assertEqualsWithDelta([1 / 21, 1 / 21], $none->hazard->first(2), 1e-12, 'Beta(40, 2)');
        $sums = AthleteHazard::of(Stage::Hold, [CountedReps::sum(400, 2)]);
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
        $tired = AthleteHazard::of(Stage::Hold, $goes);
        self::assertSame('pacing.tires', $tired->source->code);
        $q = $tired->hazard->first(40);
        self::assertGreaterThan($q[0], $q[39]);
        $start = AthleteHazard::of(
            Stage::Hold,
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
        self::assertSame('30 unbroken', $words->sentence($even->plan));
    }
}
