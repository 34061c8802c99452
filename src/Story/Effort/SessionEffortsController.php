<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Effort;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Effort\SessionEfforts;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * How hard sessions felt, for coaches.
 */
#[Route('/api/session-efforts/{id}')]
final readonly class SessionEffortsController
{
    public function __construct(private KeepEffort $keep, private SessionEfforts $efforts)
    {
    }

    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(SessionEffortView::class, creates: true, says: 'Writes down how hard a session felt.')]
    public function say(UuidV7 $id, #[FromBody] SessionEffortInput $input): Created
    {
        $new = $this->keep->say($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(SessionEffortView::class, says: 'Takes back how hard a session felt.')]
    public function remove(UuidV7 $id, WriteCondition $condition): SessionEffortView
    {
        $this->keep->remove($id, $condition);

        return $this->one($id);
    }

    #[Route('/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(SessionEffortView::class, says: 'Brings back how hard a session felt.')]
    public function restore(UuidV7 $id, WriteCondition $condition): SessionEffortView
    {
        $this->keep->restore($id, $condition);

        return $this->one($id);
    }

    private function one(UuidV7 $id): SessionEffortView
    {
        return SessionEffortView::of($this->efforts->get($id));
    }
}
