<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

final readonly class SetsController
{
    public function __construct(private BuildLadder $ladders, private BuildIntervals $intervals)
    {
    }

    #[Route('/api/athletes/{id}/ladder', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(LadderView::class, says: 'A ladder for an athlete, with the chance of each rung.')]
    public function ladder(UuidV7 $id, #[FromQuery] LadderInput $input = new LadderInput()): LadderView
    {
        return $this->ladders->forAthlete($id, $input);
    }

    #[Route('/api/athletes/{id}/intervals', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(IntervalView::class, says: 'An interval set for an athlete, with its totals.')]
    public function intervals(UuidV7 $id, #[FromQuery] IntervalInput $input = new IntervalInput()): IntervalView
    {
        return $this->intervals->forAthlete($id, $input);
    }
}
