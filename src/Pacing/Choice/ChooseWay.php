<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Choice;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Plan\ChosenWay;
use Zumbo\App\Entity\Plan\ChosenWays;
use Zumbo\App\Pacing\Workout\WorkoutOf;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Pacing\Scale\Scaling;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;

/**
 * Keeps how a coach wants an athlete to do a workout, and why; each write once.
 */
final readonly class ChooseWay
{
    public function __construct(
        private ChosenWays $ways,
        private NamedAthlete $athletes,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private CoachName $coach,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when a text is no workout, or nobody has that id
     */
    public function keep(UuidV7 $id, ChosenWayInput $input): bool
    {
        $workout = WorkoutWriting::of(WorkoutOf::text($input->workout));
        $doing = WorkoutWriting::of(WorkoutOf::text($input->doing));

        return $this->writes->run($id, Subject::of('choose', 'way', $id), $input, function () use ($id, $input, $workout, $doing): void {
            $this->ways->add(new ChosenWay(
                $this->scope->gymId(),
                $id,
                $this->athletes->of($input->athleteId)->id(),
                $workout,
                Scaling::from($input->scaling),
                $doing,
                trim($input->reason),
                $this->coach->ofCurrent(),
                $this->clock->now(),
            ));
        });
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $now = $this->clock->now();
        $find = fn (): ChosenWay => $this->ways->get($id);
        $this->writes->change(
            $condition,
            Subject::of('remove', 'way', $id),
            null,
            $find,
            static fn (ChosenWay $way) => $way->remove($now),
            ChosenWayView::of(...),
        );
    }

    public function one(UuidV7 $id): ChosenWayView
    {
        return ChosenWayView::of($this->ways->get($id));
    }
}
