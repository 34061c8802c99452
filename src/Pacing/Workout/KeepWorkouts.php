<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Plan\OwnWorkout;
use Zumbo\App\Entity\Plan\OwnWorkouts;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\Core\Pacing\Workout\ShippedWorkouts;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;

/**
 * The workouts a coach chooses from: the gym's own, and those that ship; each write once.
 */
final readonly class KeepWorkouts
{
    public function __construct(private OwnWorkouts $workouts, private IdempotentWrite $writes, private GymScope $scope)
    {
    }

    /**
     * @return list<KeptWorkoutView>
     */
    public function all(): array
    {
        return [
            ...array_map(KeptWorkoutView::of(...), $this->workouts->all()),
            ...array_map(
                static fn (array $one): KeptWorkoutView => KeptWorkoutView::shipped($one['name'], $one['text']),
                array_values(ShippedWorkouts::all()),
            ),
        ];
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when the text is no workout
     */
    public function keep(UuidV7 $id, WorkoutInput $input): bool
    {
        $text = WorkoutWriting::of(WorkoutOf::text($input->text));

        return $this->writes->run($id, Subject::of('keep', 'workout', $id), $input, function () use ($id, $input, $text): void {
            $this->workouts->add(new OwnWorkout($this->scope->gymId(), $id, $input->name, $text));
        });
    }

    /** @throws BadField when the text is no workout */
    public function change(UuidV7 $id, WorkoutInput $input, WriteCondition $condition): void
    {
        $text = WorkoutWriting::of(WorkoutOf::text($input->text));
        $this->apply('change', $id, $condition, static fn (OwnWorkout $one) => $one->change($input->name, $text), $input);
    }

    public function remove(UuidV7 $id, WriteCondition $condition, \DateTimeImmutable $now): void
    {
        $this->apply('remove', $id, $condition, static fn (OwnWorkout $one) => $one->remove($now));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply('restore', $id, $condition, static fn (OwnWorkout $one) => $one->restore());
    }

    public function one(UuidV7 $id): KeptWorkoutView
    {
        return KeptWorkoutView::of($this->workouts->get($id));
    }

    /** @param callable(OwnWorkout): void $change */
    private function apply(string $verb, UuidV7 $id, WriteCondition $condition, callable $change, ?WorkoutInput $body = null): void
    {
        $find = fn (): OwnWorkout => $this->workouts->get($id);
        $this->writes->change($condition, Subject::of($verb, 'workout', $id), $body, $find, $change, KeptWorkoutView::of(...));
    }
}
