<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Access\WaysIn;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Who may sign in to the gym, as what, and the links that are out. For owners.
 */
final readonly class PeopleController
{
    public function __construct(
        private GymCoaches $coaches,
        private WaysIn $links,
        private HandOutLinks $handOut,
        private ChangePeople $change,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/people', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(PeopleView::class, says: 'Who may sign in, and the links that are out.')]
    public function all(): PeopleView
    {
        return new PeopleView(
            array_map(PersonView::of(...), $this->coaches->all()),
            array_map(LinkView::of(...), $this->links->open($this->clock->now())),
        );
    }

    #[Route('/api/people/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(PersonView::class, says: 'Changes what somebody may do.')]
    public function becomes(UuidV7 $id, WriteCondition $condition, #[FromBody] RoleInput $input): PersonView
    {
        $this->change->becomes($id, $input, $condition);

        return PersonView::of($this->coaches->get($id));
    }

    #[Route('/api/people/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(null, says: 'Lets somebody sign in no more.')]
    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change->remove($id, $condition);
    }

    #[Route('/api/invitations/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(LinkView::class, creates: true, says: 'Makes an invitation link.')]
    public function invite(UuidV7 $id, #[FromBody] InvitationInput $input): Created
    {
        $now = $this->handOut->invite($id, $input);

        return Created::of(LinkView::of($this->links->get($id)), $now);
    }

    #[Route('/api/resets/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(LinkView::class, creates: true, says: 'Makes a link to a new password for somebody.')]
    public function reset(UuidV7 $id, #[FromBody] ResetInput $input): Created
    {
        $now = $this->handOut->reset($id, $input);

        return Created::of(LinkView::of($this->links->get($id)), $now);
    }

    #[Route('/api/links/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(null, says: 'Takes a link back.')]
    public function takeBack(UuidV7 $id, WriteCondition $condition): void
    {
        $this->handOut->takeBack($id, $condition);
    }
}
