<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Sets\Interval\BuildIntervals;
use Zumbo\App\Sets\Interval\IntervalInput;
use Zumbo\App\Sets\Interval\IntervalView;
use Zumbo\App\Sets\Ladder\BuildLadder;
use Zumbo\App\Sets\Ladder\LadderFitInput;
use Zumbo\App\Sets\Ladder\LadderFitView;
use Zumbo\App\Sets\Ladder\LadderInput;
use Zumbo\App\Sets\Ladder\LadderView;

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

    #[Route('/api/athletes/{id}/ladder/fit', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(LadderFitView::class, says: 'The ladder that fits an athlete, by minutes, contacts and aim.')]
    public function fit(UuidV7 $id, #[FromQuery] LadderFitInput $input = new LadderFitInput()): LadderFitView
    {
        return $this->ladders->fitted($id, $input);
    }

    #[Route('/api/athletes/{id}/intervals', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(IntervalView::class, says: 'An interval set for an athlete, with its totals.')]
    public function intervals(UuidV7 $id, #[FromQuery] IntervalInput $input = new IntervalInput()): IntervalView
    {
        return $this->intervals->forAthlete($id, $input);
    }
}
