<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\RopeDesk\Check\CheckRope;
use Zumbo\App\RopeDesk\Check\FitInput;
use Zumbo\App\RopeDesk\Check\FitView;
use Zumbo\App\RopeDesk\Keep\RopeTermsView;

/**
 * What is computed for an athlete's rope before anything is kept.
 */
final readonly class BenchController
{
    public function __construct(private SizeRope $size, private CheckRope $check, private SizeShared $shared)
    {
    }

    #[Route('/api/athletes/{id}/sizing', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SizingView::class)]
    public function sizing(UuidV7 $id, #[FromQuery] SizingInput $input = new SizingInput()): SizingView
    {
        return $this->size->forAthlete($id, $input);
    }

    /** Asked for while hands are dragged. */
    #[Route('/api/athletes/{id}/arc', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TurningView::class)]
    public function arc(UuidV7 $id, #[FromQuery] ArcInput $input): TurningView
    {
        return $this->size->turning($id, $input);
    }

    /** Judges a rope that is there. */
    #[Route('/api/athletes/{id}/fit', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FitView::class)]
    public function fit(UuidV7 $id, #[FromQuery] FitInput $input = new FitInput()): FitView
    {
        return $this->check->forAthlete($id, $input);
    }

    #[Route('/api/rope-terms', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RopeTermsView::class)]
    public function terms(): RopeTermsView
    {
        return RopeTermsView::all();
    }

    /** Ropes for two, and for a pair of turners. */
    #[Route('/api/shared-ropes', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SharedRopesView::class)]
    public function shared(#[FromQuery] SharedRopesInput $input): SharedRopesView
    {
        return $this->shared->of($input);
    }
}
