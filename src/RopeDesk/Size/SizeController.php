<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\RopeDesk\Size\Picture\ArcInput;
use Zumbo\App\RopeDesk\Size\Picture\TurningView;

/**
 * What is computed for an athlete's rope before anything is kept.
 */
final readonly class SizeController
{
    public function __construct(private SizeRope $size, private SizeShared $shared)
    {
    }

    #[Route('/api/athletes/{id}/sizing', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SizingView::class, says: 'The rope of an athlete by every school.')]
    public function sizing(UuidV7 $id, #[FromQuery] SizingInput $input = new SizingInput()): SizingView
    {
        return $this->size->forAthlete($id, $input);
    }

    /** Asked for while hands are dragged. */
    #[Route('/api/athletes/{id}/arc', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TurningView::class, says: 'The arc of a cable that an athlete would turn.')]
    public function arc(UuidV7 $id, #[FromQuery] ArcInput $input): TurningView
    {
        return $this->size->turning($id, $input);
    }

    /** Ropes for two, and for a pair of turners. */
    #[Route('/api/shared-ropes', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SharedRopesView::class, says: 'Shared ropes near a wanted length.')]
    public function shared(#[FromQuery] SharedRopesInput $input): SharedRopesView
    {
        return $this->shared->of($input);
    }
}
