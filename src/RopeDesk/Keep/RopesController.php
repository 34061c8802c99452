<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\InspectionInput;

final readonly class RopesController
{
    public function __construct(private KeepRope $keep, private Ropes $ropes)
    {
    }

    #[Route('/api/ropes/{id}', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RopeView::class, says: 'One kept rope.')]
    public function one(UuidV7 $id): RopeView
    {
        return RopeView::of($this->ropes->get($id));
    }

    #[Route('/api/ropes/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RopeView::class, creates: true, says: 'Keeps a rope for an athlete.')]
    public function keep(UuidV7 $id, #[FromBody] RopeInput $input): Created
    {
        $new = $this->keep->keep($id, $input);

        return Created::of(RopeView::of($this->ropes->get($id)), $new);
    }

    #[Route('/api/ropes/{id}/inspection', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RopeView::class, says: 'Notes what was found when an athlete\'s rope was looked over.')]
    public function inspect(UuidV7 $id, WriteCondition $condition, #[FromBody] InspectionInput $input): RopeView
    {
        $this->keep->inspect($id, $input, $condition);

        return RopeView::of($this->ropes->get($id));
    }

    #[Route('/api/ropes/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RopeView::class, says: 'Removes a kept rope.')]
    public function remove(UuidV7 $id, WriteCondition $condition): RopeView
    {
        $this->keep->remove($id, $condition);

        return RopeView::of($this->ropes->get($id));
    }

    #[Route('/api/ropes/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RopeView::class, says: 'Brings a kept rope back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): RopeView
    {
        $this->keep->restore($id, $condition);

        return RopeView::of($this->ropes->get($id));
    }
}
