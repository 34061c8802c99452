<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Floor;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The plan of the hall to scale.
 */
#[Route('/api/floor')]
final readonly class FloorController
{
    public function __construct(private ShowFloor $show, private PutPeople $put)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FloorView::class, says: 'The hall to scale: where everybody stands, with the room each needs.')]
    public function tonight(): FloorView
    {
        return $this->show->tonight();
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FloorView::class, says: 'Puts an athlete to a place in the hall.')]
    public function put(UuidV7 $id, WriteCondition $condition, #[FromBody] SpotInput $input): FloorView
    {
        $this->put->put($id, $input, $condition);

        return $this->show->tonight();
    }

    #[Route('/arrangements/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FloorView::class, says: 'Lets everybody stand where there is room, stations by stage.')]
    public function arrange(UuidV7 $id): FloorView
    {
        $this->put->arrange($id);

        return $this->show->tonight();
    }
}
