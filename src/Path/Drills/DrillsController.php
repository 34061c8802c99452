<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The drill library; a coach adds, copies and hides.
 */
#[Route('/api/drills')]
final readonly class DrillsController
{
    public function __construct(private KeepDrills $keep, private ClockInterface $clock)
    {
    }

    /**
     * @return list<LibraryDrillView>
     */
    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(LibraryDrillView::class, list: true, says: 'The drills that are taught here, with all that a coach reads of them.')]
    public function library(#[FromQuery] LibraryInput $input = new LibraryInput()): array
    {
        return $this->keep->library($input->athleteId);
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnDrillView::class, creates: true, says: 'Adds a drill, a copy of one, or that one is hidden.')]
    public function add(UuidV7 $id, #[FromBody] OwnDrillInput $input): Created
    {
        $new = $this->keep->add($id, $input);

        return Created::of($this->keep->one($id), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnDrillView::class, says: 'Words an own drill or copy anew.')]
    public function change(UuidV7 $id, WriteCondition $condition, #[FromBody] OwnDrillInput $input): OwnDrillView
    {
        $this->keep->change($id, $input, $condition);

        return $this->keep->one($id);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnDrillView::class, says: 'Takes an own drill away, or has the library’s again.')]
    public function remove(UuidV7 $id, WriteCondition $condition): OwnDrillView
    {
        $this->keep->remove($id, $condition, $this->clock->now());

        return $this->keep->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(OwnDrillView::class, says: 'Brings an own drill back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): OwnDrillView
    {
        $this->keep->restore($id, $condition);

        return $this->keep->one($id);
    }
}
