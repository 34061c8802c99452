<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Workouts that athletes were paced through. Helpers pace too.
 */
#[Route('/api/paced-runs')]
final readonly class PacedRunController
{
    public function __construct(private KeepRuns $runs)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PacedRunsView::class, says: 'Paced workouts held against their plans, the newest first, and how many forecasts held.')]
    public function all(#[FromQuery] PacedRunsInput $input = new PacedRunsInput()): PacedRunsView
    {
        return $this->runs->all($input->athlete);
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PacedRunView::class, creates: true, says: 'Keeps a paced workout with its touches.')]
    public function keep(UuidV7 $id, #[FromBody] PacedRunInput $input): Created
    {
        $new = $this->runs->keep($id, $input);

        return Created::of($this->runs->one($id), $new);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PacedRunView::class, says: 'Takes a paced workout away: it no longer counts.')]
    public function remove(UuidV7 $id, WriteCondition $condition): PacedRunView
    {
        $this->runs->remove($id, $condition);

        return $this->runs->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PacedRunView::class, says: 'Brings a paced workout back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): PacedRunView
    {
        $this->runs->restore($id, $condition);

        return $this->runs->one($id);
    }
}
