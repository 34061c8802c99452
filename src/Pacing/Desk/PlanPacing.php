<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Plan\ChosenWays;
use Zumbo\App\Pacing\Choice\ChosenWayView;
use Zumbo\App\Pacing\Run\PacedLeg;
use Zumbo\App\Pacing\Run\ReadRuns;
use Zumbo\App\Pacing\Workout\WorkoutOf;
use Zumbo\App\Pacing\Workout\WorkoutView;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\Bends;
use Zumbo\Core\Pacing\Desk\DoublesPlan;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\JumpSpeed;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\PlanAdvice;
use Zumbo\Core\Pacing\Run\ClockText;
use Zumbo\Core\Pacing\Run\Pacer;
use Zumbo\Core\Pacing\Run\RunLeg;
use Zumbo\Core\Pacing\Scale\Aim;
use Zumbo\Core\Pacing\Scale\ScaleAdvice;
use Zumbo\Core\Pacing\Scale\ScaledWay;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;
use Zumbo\Core\Stage\Stage;

/**
 * Plans a workout for an athlete from their own log.
 */
final readonly class PlanPacing
{
    public function __construct(
        private Athletes $athletes,
        private ReadJumper $jumpers,
        private ReadRuns $runs,
        private ChosenWays $ways,
        private MayJump $mayJump,
    ) {
    }

    public function forAthlete(Uuid $id, PacingInput $input): PacingView
    {
        $workout = WorkoutOf::text($input->text);
        $athlete = $this->athletes->get($id);
        $left = $this->mayJump->orRefuse($athlete)->today->allowance->contactsLeftToday;
        $stage = $athlete->stage();
        $pace = $this->jumpers->of($athlete, $input->costs(), $this->runs->calibration()->wider);
        $jumper = $pace->jumper;
        $wish = $input->wish()->fitting($workout, $jumper, $left);
        try {
            $ways = ScaledWay::all($workout, $wish, $jumper, new Effort(Effort::AT_A_SCREEN));
        } catch (TooMuchWork) {
            throw BadField::of('text', $input->text, 'fewer doubles, or fewer rounds: so many take too long to plan');
        }
        $full = $ways[0]->timed;
        $plans = $stage->isBefore(Stage::Link) ? [] : DoublesPlan::all($full, $jumper);
        $advice = [] === $plans ? PlanAdvice::withoutPlan() : PlanAdvice::of($plans[0]);
        $scale = ScaleAdvice::of($ways, Aim::from($input->aim), $stage, $left);
        [$low, $high] = $full->band();
        $bend = self::bend($plans[0] ?? null, $input->sets);
        $legs = self::legs($full, $plans, $jumper, $bend);
        $chosen = $this->ways->of(WorkoutWriting::of($workout))[$id->toRfc4122()] ?? null;

        return new PacingView(
            $id->toRfc4122(),
            WorkoutView::of($workout),
            self::said($advice->plan),
            self::said($advice->matter),
            self::said($pace->source),
            array_map(self::round(...), $plans),
            self::strip($full, $plans),
            $full->expectedS,
            $low,
            $high,
            $full->fixedS,
            $full->expectedS + array_sum(array_map(static fn (DoublesPlan $one): float => $one->unbrokenS - $one->expectedS, $plans)),
            $ways[0]->chanceInCap(),
            $full->chanceMinutes,
            $full->fit?->expected,
            $full->fit?->p10,
            $full->fit?->p90,
            $bend,
            array_map(
                static fn (ScaledWay $way): ScaledView => ScaledView::of($way, $left, $way->scaling === $scale->scaling),
                $ways,
            ),
            $scale->scaling,
            self::said($scale->why),
            $left,
            $wish->cut,
            (int) $wish->triesS,
            $pace->costs,
            $jumper->wider,
            array_map(PacedLeg::planned(...), $legs),
            ClockText::of($legs),
            SpeedView::all($full, JumpSpeed::from($input->speed)),
            null === $chosen ? null : ChosenWayView::of($chosen),
        );
    }

    private static function said(Verdict $verdict): SentenceView
    {
        return SentenceView::of($verdict, LengthUnit::Centimetre);
    }

    private static function round(DoublesPlan $one): RoundView
    {
        return new RoundView(
            $one->round + 1,
            $one->plan,
            $one->goodSets['from'],
            $one->goodSets['to'],
            $one->expectedS,
            $one->unbrokenS,
            $one->chanceUnbroken,
            $one->withSets(-1),
            $one->withSets(1),
            $one->hazard,
        );
    }

    /**
     * @param list<DoublesPlan> $plans
     *
     * @return list<RunLeg>
     */
    private static function legs(TimedWorkout $full, array $plans, Jumper $jumper, ?BendView $bend): array
    {
        $first = null === $bend || [] === $bend->sets ? null : $bend->sets;

        return Pacer::legs($full, $plans, $jumper->missCostS, $jumper->breakCostS, $first);
    }

    /**
     * @param list<DoublesPlan> $plans of the stations of doubles, in order
     *
     * @return list<PacedStationView>
     */
    private static function strip(TimedWorkout $full, array $plans): array
    {
        $strip = [];
        foreach ($full->stations as $one) {
            $sets = $one->station->isDoubles() && [] !== $plans ? array_shift($plans)->plan : [];
            $strip[] = PacedStationView::of($one, $sets);
        }

        return $strip;
    }

    /** @throws BadField when the sets do not add up to the doubles */
    private static function bend(?DoublesPlan $first, string $sets): ?BendView
    {
        if (null === $first) {
            return null;
        }
        $asked = '' === trim($sets) ? $first->plan : Bends::read($sets);
        if (null === $asked) {
            throw BadField::of('sets', $sets, 'sets like 20-15-15');
        }
        try {
            return BendView::of($first->bent($asked));
        } catch (OutOfRange $e) {
            throw BadField::of('sets', $sets, $e->accepted);
        }
    }
}
