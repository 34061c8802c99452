<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Plan\ChosenWay;
use Zumbo\App\Entity\Plan\ChosenWays;
use Zumbo\App\Pacing\Choice\ChosenWayView;
use Zumbo\App\Pacing\Desk\ReadJumper;
use Zumbo\App\Pacing\Run\ReadRuns;
use Zumbo\App\Pacing\Workout\WorkoutOf;
use Zumbo\App\Pacing\Workout\WorkoutView;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Here\ReadHere;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\Desk\DoublesPlan;
use Zumbo\Core\Pacing\Scale\Aim;
use Zumbo\Core\Pacing\Scale\ScaleAdvice;
use Zumbo\Core\Pacing\Together\ChanceTogether;
use Zumbo\Core\Pacing\Together\LevelClass;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutForm;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;
use Zumbo\Core\Stage\Stage;

/**
 * A workout for everybody who is in the hall tonight.
 */
final readonly class PlanClass
{
    public function __construct(
        private ReadHere $here,
        private ReadJumper $jumpers,
        private ReadRuns $runs,
        private ChosenWays $ways,
        private Gyms $gyms,
        private CurrentCoach $coach,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(ClassPacingInput $input): ClassPacingView
    {
        $workout = WorkoutOf::text($input->text);
        if (null !== $input->within && WorkoutForm::ForTime !== $workout->form) {
            throw BadField::of('within', (string) $input->within, 'a workout for time: the others end by the clock for everybody');
        }
        $wider = $this->runs->calibration()->wider;
        $people = $this->here->tonight($this->gyms->current(), $this->clock->now())['here'];
        try {
            $paced = [];
            $effort = new Effort(2 * Effort::AT_A_SCREEN);
            foreach ($people as $id => $one) {
                if ($one->today->allowance->offersJumps()) {
                    $pace = $this->jumpers->of($one->athlete, $input->costs(), $wider);
                    $paced[$id] = PacedPerson::of($one, $workout, $pace->jumper, $effort);
                }
            }
            $level = null === $input->within || [] === $paced ? null : $this->level($paced, $workout, $input);
        } catch (TooMuchWork) {
            throw BadField::of('text', $input->text, 'fewer doubles, or fewer rounds: so many take too long to plan');
        }
        $rows = [];
        $chosen = $this->ways->of(WorkoutWriting::of($workout));
        foreach ($people as $id => $one) {
            $rows[] = isset($paced[$id])
                ? self::row(
                    $one,
                    $paced[$id],
                    Aim::from($input->aim),
                    null === $level ? null : self::levelOf($id, $level),
                    $chosen[$id] ?? null,
                )
                : $this->without($one);
        }
        usort($rows, static fn (ClassRowView $a, ClassRowView $b): int => $b->stuck <=> $a->stuck);

        return new ClassPacingView(
            WorkoutView::of($workout),
            $rows,
            null === $level ? null : (int) round($level->change),
            $level?->spreadS(),
            null === $level ? null : $this->together($paced, $level, (float) $input->within),
        );
    }

    /**
     * @param non-empty-array<string, PacedPerson> $paced
     */
    private function level(array $paced, Workout $workout, ClassPacingInput $input): LevelClass
    {
        return LevelClass::of(
            array_map(static fn (PacedPerson $one): array => $one->options($workout), $paced),
            (float) $input->within,
            (float) $input->least,
        );
    }

    /**
     * @param array<string, PacedPerson> $paced
     */
    private function together(array $paced, LevelClass $level, float $withinS): ?float
    {
        $timed = [];
        foreach ($paced as $id => $one) {
            $timed[] = $one->doing($level->chosen[$id]);
        }

        return [] === $timed ? null : ChanceTogether::of($timed, $withinS);
    }

    private static function levelOf(string $id, LevelClass $level): LevelView
    {
        $chosen = $level->chosen[$id];

        return new LevelView(
            $chosen->number,
            $chosen->tries,
            (int) round($chosen->doubles),
            $chosen->expectedS,
            (int) round($chosen->change),
            \in_array($id, $level->outside, true),
        );
    }

    private static function row(Judged $one, PacedPerson $paced, Aim $aim, ?LevelView $level, ?ChosenWay $chosen): ClassRowView
    {
        $stage = $one->athlete->stage();
        $full = $paced->ways[0]->timed;
        $advice = ScaleAdvice::of($paced->ways, $aim, $stage, $one->today->allowance->contactsLeftToday);
        // What the coach has chosen stands; beside it what would be recommended.
        $doing = null === $chosen ? $paced->way($advice->scaling)?->timed : $paced->timed(WorkoutOf::text($chosen->doing()));
        $plans = $stage->isBefore(Stage::Link) ? [] : DoublesPlan::all($full, $paced->jumper);
        [$low, $high] = $full->band();

        return new ClassRowView(
            $one->athlete->id()->toRfc4122(),
            $one->athlete->profile()->name,
            $stage->number(),
            null,
            $full->chanceStuck(),
            $plans[0]->plan ?? [],
            $full->expectedS,
            $low,
            $high,
            $paced->ways[0]->chanceInCap(),
            $advice->scaling,
            SentenceView::of($advice->why, LengthUnit::Centimetre),
            $doing->expectedS ?? 0.0,
            (int) round($doing->doubles ?? 0.0),
            $doing?->contacts() ?? 0,
            null === $doing ? '' : WorkoutWriting::of($doing->workout),
            $level,
            null === $chosen ? null : ChosenWayView::of($chosen),
        );
    }

    private function without(Judged $one): ClassRowView
    {
        $view = AllowanceView::of($one->today, $this->coach->role());

        return new ClassRowView(
            $one->athlete->id()->toRfc4122(),
            $one->athlete->profile()->name,
            $one->athlete->stage()->number(),
            $view->reasons[0] ?? null,
            0.0,
            [],
            0.0,
            0.0,
            0.0,
            null,
            null,
            null,
            0.0,
            0,
            0,
            '',
            null,
            null,
        );
    }
}
