<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Ropes\OwnCables;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

final readonly class CablesController
{
    public function __construct(private ShowCables $show, private KeepCable $keep, private OwnCables $cables)
    {
    }

    /** All cables in this athlete's hands. */
    #[Route('/api/athletes/{id}/cables', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(CablesView::class, says: 'Which cables suit an athlete, with pull and drag.')]
    public function forAthlete(UuidV7 $id): CablesView
    {
        return $this->show->forAthlete($id);
    }

    #[Route('/api/cables/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnCableView::class, creates: true, says: 'Adds a cable of the gym\'s own, by a weighed piece.')]
    public function add(UuidV7 $id, #[FromBody] OwnCableInput $input): Created
    {
        $new = $this->keep->add($id, $input);

        return Created::of(OwnCableView::of($this->cables->get($id)), $new);
    }

    #[Route('/api/cables/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnCableView::class, says: 'Removes a cable of the gym\'s own.')]
    public function remove(UuidV7 $id, WriteCondition $condition): OwnCableView
    {
        $this->keep->remove($id, $condition);

        return OwnCableView::of($this->cables->get($id));
    }

    #[Route('/api/cables/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnCableView::class, says: 'Brings a cable back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): OwnCableView
    {
        $this->keep->restore($id, $condition);

        return OwnCableView::of($this->cables->get($id));
    }
}
