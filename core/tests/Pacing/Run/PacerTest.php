<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing\Run;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\Desk\DoublesPlan;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Run\Calibration;
use Zumbo\Core\Pacing\Run\ClockText;
use Zumbo\Core\Pacing\Run\DoneLeg;
use Zumbo\Core\Pacing\Run\Forecast;
use Zumbo\Core\Pacing\Run\OwnCosts;
use Zumbo\Core\Pacing\Run\Pacer;
use Zumbo\Core\Pacing\Run\RunLeg;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Streak\Hazard;

final class PacerTest extends TestCase
{
    public function testWithoutMissesEachLegEndsWhereArithmeticPutsIt(): void
    {
        $never = new Jumper(Hazard::constant(0.0), 2.0, 10, 4, 0.0, singles: Hazard::constant(0.0));
        $legs = self::legs('2 rounds: 50 doubles, rest 0:20, run 1:00', $never, [30, 20]);
        self::assertSame(
            [
                [1, 'doubles', 30, 0.0, 15.0],
                [1, 'doubles', 20, 19.0, 29.0],
                [1, 'run', 0, 49.0, 109.0],
                [2, 'doubles', 50, 109.0, 134.0],
                [2, 'run', 0, 154.0, 214.0],
            ],
            array_map(
                static fn (RunLeg $leg): array => [$leg->round, $leg->name, $leg->reps, round($leg->startS, 9), round($leg->endS, 9)],
                $legs,
            ),
            'who never misses loses the break that was bent in, and nothing else; only the first doubles are bent',
        );
        self::assertSame([0.0, 20.0], [$legs[3]->pauseS, $legs[4]->pauseS]);
    }

    public function testTheLegsOfAWorkoutTakeWhatTheWorkoutTakes(): void
    {
        $tires = new Jumper(Hazard::weibull(30, 2), 1.8, 10, 3, 0.1);
        $timed = TimedWorkout::of(WorkoutText::read('5 rounds: 50 doubles, run 2:00'), $tires);
        $legs = self::legs('5 rounds: 50 doubles, run 2:00', $tires);
        self::assertGreaterThan(15, \count($legs), 'sets in each round');
        self::assertEqualsWithDelta($timed->expectedS, end($legs)->endS, 0.01 * $timed->expectedS, 'friendly sets cost at most 1 %');
        self::assertEqualsWithDelta($timed->misses, array_sum(array_map(static fn (RunLeg $leg): float => $leg->misses, $legs)), 1e-9);
        $at = 0.0;
        foreach ($legs as $leg) {
            self::assertEqualsWithDelta($at + $leg->pauseS, $leg->startS, 1e-9, 'none overlaps, none is left out');
            self::assertGreaterThanOrEqual($leg->startS + $leg->workS, $leg->endS + 1e-9);
            $at = $leg->endS;
        }
    }

    public function testAtTheMinuteARoundWaitsAndAsManyAsFitEndWithTheirTime(): void
    {
        $never = new Jumper(Hazard::constant(0.0), 2.0, 10, 4, 0.0);
        $minutes = self::legs('every 1:00, 3 times: 30 doubles', $never);
        self::assertSame([0.0, 60.0, 120.0], array_map(static fn (RunLeg $leg): float => $leg->startS, $minutes));
        $rounds = self::legs('as many rounds as fit in 3:00: 20 doubles, run 0:30', $never);
        self::assertCount(10, $rounds, 'four and a half rounds of 40 s, two legs each, the last begun before it was over');
        self::assertLessThan(180.0, end($rounds)->startS);
    }

    public function testTheClockOfTheClassRunsTheSameLegs(): void
    {
        $tires = new Jumper(Hazard::weibull(30, 2), 1.8, 10, 3, 0.1);
        $legs = self::legs('4 rounds: 50 doubles, 15 push-ups 0:40, rest 0:20', $tires);
        $text = ClockText::of($legs);
        self::assertNotNull($text);
        $programme = IntervalProgramme::parse($text);
        self::assertEqualsWithDelta(end($legs)->endS, $programme->totalS(), 1.0, 'whole seconds do not drift');
        self::assertStringContainsString(': 20 doubles', $text);
        self::assertNull(ClockText::of(self::legs('12 rounds: 50 doubles, run 0:30', $tires)), 'more parts than that clock takes');
    }

    public function testAMissAndABreakCostWhatTheSplitsSay(): void
    {
        $costs = static fn (int $times): OwnCosts => OwnCosts::of(array_fill(0, $times, self::sets(
            [20, 0.0, 17.0, 1], [20, 4.0, 33.0, 0], [20, 4.0, 55.0, 1], [20, 0.0, null, 0], [20, 0.0, 90.0, 0],
        )));
        self::assertNull($costs(4)->missS, 'four misses tell nothing yet');
        self::assertEqualsWithDelta(7.0, $costs(5)->missS, 1e-9, '17 s for 20 doubles at two a second, one miss');
        self::assertEqualsWithDelta(6.0, $costs(5)->breakS, 1e-9, '16 s from touch to touch, ten of them jumped');
        $uneven = OwnCosts::of(array_fill(0, 5, self::sets([20, 0.0, 17.37, 1])));
        self::assertSame(7.0, $uneven->missS, 'to the second');
    }

    public function testBandsThatHoldSeldomAreWidenedTillTheyHold(): void
    {
        mt_srand(5);
        $uniform = static fn (): float => (mt_rand() + 1) / (mt_getrandmax() + 2);
        $normal = static fn (): float => sqrt(-2 * log($uniform())) * cos(2 * \M_PI * $uniform());
        // A band that is right has its ends 1.2816 standard deviations off; these are half as wide.
        $narrow = static fn (float $wider): Forecast => new Forecast(
            300,
            300 - 6.408 * $wider,
            300 + 6.408 * $wider,
            $wider,
            300 + 10 * $normal(),
        );
        $right = static fn (): Forecast => new Forecast(300, 300 - 12.816, 300 + 12.816, 1.0, 300 + 10 * $normal());
        $many = static fn (callable $forecast, int $times): array => array_map(
            static fn (): Forecast => $forecast(),
            array_fill(0, $times, 0),
        );

        self::assertEqualsWithDelta(1.0, Calibration::of($many($right, 400))->wider, 0.08);
        $before = Calibration::of($many(static fn (): Forecast => $narrow(1.0), 400));
        self::assertLessThan(0.6, $before->held / $before->of);
        self::assertSame('calibration.widened', $before->say->code);
        $after = Calibration::of($many(static fn (): Forecast => $narrow($before->wider), 400));
        self::assertEqualsWithDelta(0.8, $after->held / $after->of, 0.06, 'widened by what was found');
        self::assertEqualsWithDelta($before->wider, $after->wider, 0.15, 'and not once more for having been widened');
        self::assertLessThan($before->wider, Calibration::of($many(static fn (): Forecast => $narrow(1.0), 5))->wider, 'five tell less');
        self::assertSame('calibration.none', Calibration::of([])->say->code);
        self::assertSame(1.0, Calibration::of([])->wider);
    }

    public function testAWidenedBandStandsAroundTheSameTimeAndItsChancesWithIt(): void
    {
        $text = '5 rounds: 50 doubles, run 2:00';
        $jumper = static fn (float $wider): Jumper => new Jumper(
            Hazard::constant(0.03),
            1.77,
            10,
            4,
            doubt: HazardDoubt::after(8),
            wider: $wider,
        );
        $plain = TimedWorkout::of(WorkoutText::read($text), $jumper(1.0));
        $wide = TimedWorkout::of(WorkoutText::read($text), $jumper(1.5));
        self::assertSame($plain->expectedS, $wide->expectedS);
        self::assertEqualsWithDelta(1.5 * ($plain->band()[1] - $plain->expectedS), $wide->band()[1] - $wide->expectedS, 1e-9);
        self::assertGreaterThanOrEqual($wide->workS() - 1e-9, $wide->band()[0]);
        self::assertLessThan($plain->chanceWithin($plain->band()[1]), $wide->chanceWithin($plain->band()[1]));
    }

    /**
     * @param non-empty-list<int>|null $first
     *
     * @return non-empty-list<RunLeg>
     */
    private static function legs(string $text, Jumper $jumper, ?array $first = null): array
    {
        $timed = TimedWorkout::of(WorkoutText::read($text), $jumper);
        $legs = Pacer::legs($timed, DoublesPlan::all($timed, $jumper), $jumper->missCostS, $jumper->breakCostS, $first);
        self::assertNotEmpty($legs);

        return $legs;
    }

    /**
     * @param array{int, float, float|null, int} ...$sets reps, pause, end and misses
     *
     * @return list<DoneLeg>
     */
    private static function sets(array ...$sets): array
    {
        return array_values(array_map(static fn (array $set): DoneLeg => new DoneLeg(
            new RunLeg(1, StationKind::Doubles, 'doubles', $set[0], $set[0] / 2, 0, $set[0] / 2, $set[1], 0.3),
            $set[2],
            $set[3],
        ), $sets));
    }
}
