<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Scale\Aim;
use Zumbo\Core\Pacing\Scale\ScaleAdvice;
use Zumbo\Core\Pacing\Scale\ScaledWay;
use Zumbo\Core\Pacing\Scale\ScaleWish;
use Zumbo\Core\Pacing\Scale\Scaling;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;
use Zumbo\Core\Tests\Reference;

final class ScaleTest extends TestCase
{
    /**
     * @param array<string, mixed> $in
     * @param array<string, float> $out
     */
    #[DataProvider('scalingCases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $jumper = new Jumper(
            Hazard::weibull((float) $in['doubles']['lam'], (float) $in['doubles']['beta']),
            (float) $in['doubles_per_s'],
            (float) $in['m'],
            (float) $in['b'],
            0.0,
            null,
            (float) $in['singles_per_s'],
            Hazard::constant((float) $in['singles']['q']),
        );
        $wish = new ScaleWish((int) $in['x'], (int) round($in['n'] * $in['fraction']), (float) $in['ratio']);
        $ways = self::by(ScaledWay::all(WorkoutText::read($in['n'].' doubles'), $wish, $jumper));
        $names = ['full' => 'full', 'first_x_then_singles' => 'first-then-singles', 'reduced' => 'fewer', 'singles' => 'singles'];
        foreach ($names as $theirs => $ours) {
            self::assertEqualsWithDelta($out[$theirs], $ways[$ours]->timed->expectedS, 1e-3, $ours);
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function scalingCases(): iterable
    {
        return Reference::cases('pacing.json', 'scaling');
    }

    /** The weak one of two with the same fifty (common practice), by hand. */
    public function testTheWeakKeepMovingAndPractise(): void
    {
        $weak = new Jumper(Hazard::constant(0.2), 1.6, 6, 4, 0.0, null, 2.0, Hazard::constant(0.0));
        $workout = WorkoutText::read('50 doubles');
        $all = ScaledWay::all($workout, new ScaleWish(15, 20), $weak);
        $ways = self::by($all);
        self::assertEqualsWithDelta(50 / 1.6 + 6 * 12.5, $ways['full']->timed->expectedS, 1e-9);
        self::assertEqualsWithDelta(12.5, $ways['full']->timed->misses, 1e-9);
        self::assertEqualsWithDelta(67, $ways['first-then-singles']->timed->expectedS, 0.5);
        self::assertSame(15 + 70 + 4, $ways['first-then-singles']->timed->contacts(), 'a missed jump is a contact');
        self::assertEqualsWithDelta(42.5, $ways['fewer']->timed->expectedS, 0.5);
        self::assertSame([50.0, 0.0], [$ways['singles']->timed->expectedS, $ways['singles']->timed->doubles]);
        self::assertEqualsWithDelta(28, $ways['tries']->timed->doubles, 1);
        self::assertArrayNotHasKey('half-rounds', $ways, 'one round has no half');
        self::assertSame([Scaling::FirstThenSingles, Scaling::Tries, Scaling::Full], self::aims($all));
        [$low, $high] = $ways['full']->timed->band();
        self::assertLessThan(106, $low);
        self::assertGreaterThan(107, $high);
    }

    public function testTheStrongDoAllOfIt(): void
    {
        $strong = new Jumper(Hazard::constant(0.01), 1.8, 5, 4, 0.0, null, 2.2, Hazard::constant(0.0));
        $all = ScaledWay::all(WorkoutText::read('50 doubles'), new ScaleWish(ratio: 3.0), $strong);
        $ways = self::by($all);
        self::assertEqualsWithDelta(30, $ways['full']->timed->expectedS, 0.5);
        self::assertEqualsWithDelta(0.61, $ways['full']->chanceUnbroken(), 0.005);
        self::assertEqualsWithDelta(68, $ways['singles']->timed->expectedS, 0.5);
        self::assertNull($ways['tries']->chanceUnbroken());
        self::assertSame([Scaling::Full, Scaling::Tries, Scaling::Full], self::aims($all));
    }

    public function testAScaledWorkoutReadsLikeTheOneItCameFrom(): void
    {
        $workout = WorkoutText::read('4 rounds: 60 doubles, squats 30 s; cap 10:00');
        $wish = new ScaleWish(20);
        foreach ([
            'first-then-singles' => '4 rounds: 20 doubles, 80 singles, squats 30 s; cap 10:00',
            'fewer' => '4 rounds: 30 doubles, squats 30 s; cap 10:00',
            'half-rounds' => '2 rounds: 60 doubles, squats 30 s; cap 10:00',
            'tries' => '4 rounds: tries 1:00, squats 30 s; cap 10:00',
        ] as $scaling => $text) {
            $scaled = $wish->scaled($workout, Scaling::from($scaling));
            self::assertSame($text, null === $scaled ? '' : WorkoutWriting::of($scaled));
        }
    }

    public function testStageCapAndContactsBindWhatIsAdvised(): void
    {
        $weak = new Jumper(Hazard::constant(0.2), 1.6, 6, 4);
        $ways = ScaledWay::all(WorkoutText::read('3 rounds: 50 doubles; cap 3:00'), new ScaleWish(15), $weak);
        foreach (Aim::cases() as $aim) {
            self::assertSame(Scaling::Tries, ScaleAdvice::of($ways, $aim, Stage::Mix)->scaling, 'below Link never a number in a row');
        }
        $race = ScaleAdvice::of($ways, Aim::Race, Stage::Hold);
        self::assertSame([Scaling::FirstThenSingles, 'scaling.why_cap'], [$race->scaling, $race->why->code]);
        foreach ([130 => Scaling::HalfRounds, 100 => Scaling::Fewer] as $left => $most) {
            $bound = ScaleAdvice::of($ways, Aim::Race, Stage::Hold, $left);
            self::assertSame([$most, 'scaling.why_contacts'], [$bound->scaling, $bound->why->code], 'the most doubles that fit');
        }
        self::assertNull(ScaleAdvice::of($ways, Aim::Race, Stage::Hold, 5)->scaling);
    }

    public function testWhatNobodyAskedForFitsTheContactsThatAreLeft(): void
    {
        $strong = new Jumper(Hazard::constant(0.02), 1.8, 5, 4);
        $workout = WorkoutText::read('5 rounds: 50 doubles');
        $wish = (new ScaleWish())->fitting($workout, $strong, 88);
        self::assertSame(15, $wish->cut);
        foreach (ScaledWay::all($workout, $wish, $strong) as $way) {
            if (\in_array($way->scaling, [Scaling::Fewer, Scaling::Tries], true)) {
                self::assertLessThanOrEqual(88, $way->timed->contacts(), $way->scaling->value);
                self::assertGreaterThan(40, $way->timed->contacts(), $way->scaling->value);
            }
        }
        $plenty = (new ScaleWish())->fitting($workout, $strong, 5000);
        self::assertSame([25, 60.0], [$plenty->cut, $plenty->triesS]);
        $asked = (new ScaleWish(cut: 12, triesS: 30.0))->fitting($workout, $strong, 20);
        self::assertSame([12, 30.0], [$asked->cut, $asked->triesS], 'what was asked stays');
    }

    public function testNobodyEarlierOnThePathIsToldToBeQuicker(): void
    {
        $before = \INF;
        foreach (Stage::cases() as $stage) {
            $jumper = new Jumper(AthleteHazard::of(Prior::ofDoubles($stage), [])->hazard, 1.77, 10.0, 4.0);
            $seconds = TimedWorkout::of(WorkoutText::read('50 doubles'), $jumper)->expectedS;
            self::assertLessThanOrEqual($before, $seconds, $stage->value);
            $before = $seconds;
        }
    }

    /**
     * @param non-empty-list<ScaledWay> $ways
     *
     * @return list<Scaling|null> for moving, practising, racing
     */
    private static function aims(array $ways): array
    {
        return array_map(
            static fn (Aim $aim): ?Scaling => ScaleAdvice::of($ways, $aim, Stage::Workout)->scaling,
            [Aim::KeepMoving, Aim::Practise, Aim::Race],
        );
    }

    /**
     * @param list<ScaledWay> $ways
     *
     * @return array<string, ScaledWay>
     */
    private static function by(array $ways): array
    {
        return array_combine(array_map(static fn (ScaledWay $way): string => $way->scaling->value, $ways), $ways);
    }
}
