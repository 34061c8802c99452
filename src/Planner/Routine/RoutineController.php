<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * Freestyle routines, and the way into two turned ropes.
 */
final readonly class RoutineController
{
    public function __construct(private MakeRoutine $make)
    {
    }

    #[Route('/api/athletes/{id}/routine', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RoutineView::class, says: 'A freestyle routine for an athlete, of the moves they have.')]
    public function routine(UuidV7 $id, #[FromQuery] RoutineInput $input = new RoutineInput()): RoutineView
    {
        return $this->make->of($id, $input);
    }
}
