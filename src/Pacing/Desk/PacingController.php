<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

final readonly class PacingController
{
    public function __construct(private PlanPacing $plan)
    {
    }

    #[Route('/api/athletes/{id}/pacing', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PacingView::class, says: 'A workout for an athlete: how to break its doubles, its time, and ways to scale it.')]
    public function pacing(UuidV7 $id, #[FromQuery] PacingInput $input = new PacingInput()): PacingView
    {
        return $this->plan->forAthlete($id, $input);
    }
}
