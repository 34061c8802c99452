<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Plan\PacedRun;
use Zumbo\App\Entity\Plan\PacedRuns;
use Zumbo\App\Pacing\Workout\WorkoutOf;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;

/**
 * Workouts that athletes were paced through: kept once, taken away, brought back, looked back on.
 */
final readonly class KeepRuns
{
    public function __construct(
        private PacedRuns $runs,
        private ReadRuns $read,
        private Athletes $athletes,
        private NamedAthlete $named,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private CoachName $coach,
        private ClockInterface $clock,
    ) {
    }

    public function all(?string $athlete): PacedRunsView
    {
        $id = null === $athlete ? null : $this->named->of($athlete)->id();
        $calibration = $this->read->calibration();

        return new PacedRunsView(
            array_map($this->view(...), $this->runs->newest($id)),
            $calibration->held,
            $calibration->of,
            $calibration->quicker,
            $calibration->slower,
            SentenceView::of($calibration->say, LengthUnit::Centimetre),
        );
    }

    public function one(Uuid $id): PacedRunView
    {
        return $this->view($this->runs->get($id));
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when the athlete, the workout, the time or a touch makes no sense
     */
    public function keep(UuidV7 $id, PacedRunInput $input): bool
    {
        $text = WorkoutWriting::of(WorkoutOf::text($input->workout));
        $at = PastInstant::of('startedAt', $input->startedAt, $this->clock->now());
        self::refuseTouches($input);

        return $this->writes->run($id, Subject::of('keep', 'run', $id), $input, function () use ($id, $input, $text, $at): void {
            $this->runs->add(new PacedRun(
                $this->scope->gymId(),
                $id,
                $this->named->of($input->athleteId)->id(),
                $at,
                $this->coach->ofCurrent(),
                $text,
                $input->expectedS,
                $input->p10S,
                $input->p90S,
                $input->wider,
                $input->finished,
                array_map(static fn (PacedLeg $leg) => $leg->toCore(), $input->legs),
            ));
        });
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $now = $this->clock->now();
        $this->apply('remove', $id, $condition, static fn (PacedRun $run) => $run->remove($now));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply('restore', $id, $condition, static fn (PacedRun $run) => $run->restore());
    }

    /** @param callable(PacedRun): void $change */
    private function apply(string $verb, UuidV7 $id, WriteCondition $condition, callable $change): void
    {
        $find = fn (): PacedRun => $this->runs->get($id);
        $this->writes->change($condition, Subject::of($verb, 'run', $id), null, $find, $change, $this->view(...));
    }

    private function view(PacedRun $run): PacedRunView
    {
        return PacedRunView::of($run, $this->athletes->get($run->athleteId())->profile()->name);
    }

    /** @throws BadField when no leg was touched, or one before the leg before it */
    private static function refuseTouches(PacedRunInput $input): void
    {
        $last = -1.0;
        foreach ($input->legs as $i => $leg) {
            if (null !== $leg->doneS && $leg->doneS < $last) {
                throw BadField::of("legs[$i].doneS", (string) $leg->doneS, \sprintf('%s s or later, as the leg before it', $last));
            }
            $last = $leg->doneS ?? $last;
        }
        if ($last < 0.0) {
            throw BadField::of('legs', (string) \count($input->legs), 'at least one leg that was touched off');
        }
    }
}
