<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\Core\Pacing\Workout\WorkoutError;
use Zumbo\Core\Pacing\Workout\WorkoutText;

/**
 * Workouts: read from text, shipped, and kept.
 */
#[Route('/api/workouts')]
final readonly class WorkoutController
{
    public function __construct(private KeepWorkouts $workouts, private ClockInterface $clock)
    {
    }

    /**
     * @return list<KeptWorkoutView>
     */
    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(KeptWorkoutView::class, list: true, says: 'The gym’s own workouts by name, then those that ship.')]
    public function all(): array
    {
        return $this->workouts->all();
    }

    #[Route('/read', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ReadWorkoutView::class, says: 'What a text says as a workout, or the character where it stops being one.')]
    public function read(#[FromQuery] WorkoutTextInput $input = new WorkoutTextInput()): ReadWorkoutView
    {
        try {
            return new ReadWorkoutView(WorkoutView::of(WorkoutText::read($input->text)), null);
        } catch (WorkoutError $e) {
            return new ReadWorkoutView(null, WorkoutErrorView::of($e));
        }
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(KeptWorkoutView::class, creates: true, says: 'Keeps a workout under a name.')]
    public function keep(UuidV7 $id, #[FromBody] WorkoutInput $input): Created
    {
        $new = $this->workouts->keep($id, $input);

        return Created::of($this->workouts->one($id), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(KeptWorkoutView::class, says: 'Names or writes a kept workout anew.')]
    public function change(UuidV7 $id, WriteCondition $condition, #[FromBody] WorkoutInput $input): KeptWorkoutView
    {
        $this->workouts->change($id, $input, $condition);

        return $this->workouts->one($id);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(KeptWorkoutView::class, says: 'Takes a kept workout away.')]
    public function remove(UuidV7 $id, WriteCondition $condition): KeptWorkoutView
    {
        $this->workouts->remove($id, $condition, $this->clock->now());

        return $this->workouts->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(KeptWorkoutView::class, says: 'Brings a kept workout back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): KeptWorkoutView
    {
        $this->workouts->restore($id, $condition);

        return $this->workouts->one($id);
    }
}
