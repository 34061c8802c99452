<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\Desk\DoublesPlan;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\PlanAdvice;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;

final class PlanAdviceTest extends TestCase
{
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
        $flat = self::advice(50, 1.8, Hazard::weibull(25, 1.5), 10, 4);
        self::assertStringContainsString('Breaks hardly matter', $words->sentence($flat->matter));
        $steep = self::advice(200, 1.7, Hazard::weibull(60, 2.5), 15, 3);
        self::assertStringContainsString(
            'Breaking pays: unbroken would take about 19 s longer',
            $words->sentence($steep->matter),
        );
        self::assertMatchesRegularExpression(
            '/^\d+(-\d+)+, restart each set with one single$/',
            $words->sentence($steep->plan),
        );
        $even = self::advice(30, 1.7, Hazard::constant(0.03), 8, 3);
        self::assertSame('30 in one go, no planned break', $words->sentence($even->plan));
    }

    private static function advice(int $reps, float $perS, Hazard $hazard, float $miss, float $break): PlanAdvice
    {
        $jumper = new Jumper($hazard, $perS, $miss, $break);

        return PlanAdvice::of(DoublesPlan::all(TimedWorkout::of(WorkoutText::read($reps.' doubles'), $jumper), $jumper)[0]);
    }
}
