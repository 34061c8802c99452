<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\InspectionInput;

/**
 * The shared ropes themselves.
 */
#[Route('/api/rack')]
final readonly class RackController
{
    public function __construct(private ShowRack $show, private KeepRack $keep, private KeptAnswers $kept)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RackRopeView::class, list: true, says: 'All shared ropes.')]
    public function all(Request $request): Response
    {
        return $this->kept->answer($request, 'rack', $this->show->all(...));
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RackRopeView::class, creates: true, says: 'Hangs a shared rope up.')]
    public function hang(UuidV7 $id, #[FromBody] RackRopeInput $input): Created
    {
        $new = $this->keep->hang($id, $input);

        return Created::of($this->show->one($id), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RackRopeView::class, says: 'Changes a shared rope.')]
    public function change(UuidV7 $id, WriteCondition $condition, #[FromBody] RackRopeInput $input): RackRopeView
    {
        $this->keep->change($id, $input, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}/inspection', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RackRopeView::class, says: 'Notes what was found when a shared rope was looked over.')]
    public function inspect(UuidV7 $id, WriteCondition $condition, #[FromBody] InspectionInput $input): RackRopeView
    {
        $this->keep->inspect($id, $input, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RackRopeView::class, says: 'Takes a shared rope away.')]
    public function remove(UuidV7 $id, WriteCondition $condition): RackRopeView
    {
        $this->keep->remove($id, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RackRopeView::class, says: 'Brings a shared rope back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): RackRopeView
    {
        $this->keep->restore($id, $condition);

        return $this->show->one($id);
    }
}
