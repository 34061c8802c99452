<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Choice;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

#[Route('/api/chosen-ways/{id}')]
final readonly class ChosenWayController
{
    public function __construct(private ChooseWay $ways)
    {
    }

    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(ChosenWayView::class, creates: true, says: 'Keeps how an athlete does a workout, in place of what was chosen before.')]
    public function choose(UuidV7 $id, #[FromBody] ChosenWayInput $input): Created
    {
        $new = $this->ways->keep($id, $input);

        return Created::of($this->ways->one($id), $new);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(ChosenWayView::class, says: 'Takes the choice back: what is recommended stands again.')]
    public function remove(UuidV7 $id, WriteCondition $condition): ChosenWayView
    {
        $this->ways->remove($id, $condition);

        return $this->ways->one($id);
    }
}
