<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Here;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Who is in the hall tonight.
 */
final readonly class HereController
{
    public function __construct(private KeepAttendance $keep, private Athletes $athletes)
    {
    }

    #[Route('/api/attendance/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, says: 'Says of an athlete that they are here tonight, left early, or do not come.')]
    public function mark(UuidV7 $id, #[FromBody] MarkInput $input): void
    {
        $this->keep->mark($id, $input);
    }

    #[Route('/api/guests/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(GuestView::class, creates: true, says: 'Adds a guest for this evening.')]
    public function guest(UuidV7 $id, #[FromBody] GuestInput $input): Created
    {
        $now = $this->keep->addGuest($id, $input);

        return Created::of(GuestView::of($this->athletes->get($id)), $now);
    }

    #[Route('/api/guests/{id}/join', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(GuestView::class, says: 'A guest stays for good.')]
    public function join(UuidV7 $id, WriteCondition $condition): GuestView
    {
        $this->keep->join($id, $condition);

        return GuestView::of($this->athletes->get($id));
    }
}
