<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Place;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;

/**
 * Two minutes with a newcomer, for coaches: it decides where they begin.
 */
final readonly class PlaceController
{
    public function __construct(private PlaceNewcomer $place)
    {
    }

    #[Route('/api/placements/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PlacementView::class, creates: true, says: 'Puts a newcomer where two minutes showed them to be.')]
    public function place(UuidV7 $id, #[FromBody] PlacementInput $input): Created
    {
        $now = $this->place->place($id, $input);

        return Created::of(PlacementView::of($this->place->seen($input)), $now);
    }
}
