<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

final readonly class CuttingController
{
    public function __construct(private PlanCuts $plan)
    {
    }

    #[Route('/api/cut-sheet', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(CutSheetView::class, says: 'The cut list of ropes, of everybody or of some athletes.')]
    public function sheet(#[FromQuery] CutListInput $input = new CutListInput()): CutSheetView
    {
        return $this->plan->sheet($input);
    }
}
