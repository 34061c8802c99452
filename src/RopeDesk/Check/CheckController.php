<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * Judges a rope that is there.
 */
final readonly class CheckController
{
    public function __construct(private CheckRope $check)
    {
    }

    #[Route('/api/athletes/{id}/fit', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FitView::class, says: 'What a rope that an athlete holds is for them.')]
    public function fit(UuidV7 $id, #[FromQuery] FitInput $input = new FitInput()): FitView
    {
        return $this->check->forAthlete($id, $input);
    }
}
