<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * A coach decides what an athlete works on.
 */
final readonly class FocusesController
{
    public function __construct(private GiveFocus $give, private ShowFocus $show)
    {
    }

    #[Route('/api/focuses/{id}', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FocusView::class, says: 'One focus: the fault that is worked on.')]
    public function one(UuidV7 $id): FocusView
    {
        return $this->show->one($id);
    }

    #[Route('/api/focuses/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(FocusView::class, creates: true, says: 'Gives an athlete a fault to work on.')]
    public function give(UuidV7 $id, #[FromBody] FocusInput $input): Created
    {
        $new = $this->give->give($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('/api/focuses/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(FocusView::class, says: 'Takes a focus off.')]
    public function takeOff(UuidV7 $id, WriteCondition $condition): FocusView
    {
        $this->give->takeOff($id, $condition);

        return $this->one($id);
    }

    #[Route('/api/focuses/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(FocusView::class, says: 'Brings a focus back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): FocusView
    {
        $this->give->restore($id, $condition);

        return $this->one($id);
    }
}
