<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\AttemptView;

/**
 * The log. Helpers log too.
 */
#[Route('/api/attempts/{id}')]
final readonly class AttemptsController
{
    public function __construct(private LogAttempt $log, private Attempts $attempts, private ReadHistory $history)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, says: 'One entry of the log.')]
    public function one(UuidV7 $id): AttemptView
    {
        $attempt = $this->attempts->get($id);

        return AttemptView::of($attempt, $this->attempts->drillOf($attempt));
    }

    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, creates: true, says: 'Logs an entry.')]
    public function log(UuidV7 $id, #[FromBody] AttemptInput $input): Created
    {
        $new = $this->log->log($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('', methods: ['PATCH'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, says: 'Judges the quality of an entry, or puts right what was written down wrongly.')]
    public function change(UuidV7 $id, WriteCondition $condition, #[FromBody] EntryChangeInput $input): AttemptView
    {
        $this->log->change($id, $input, $condition);

        return $this->one($id);
    }

    #[Route('/keep', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, says: 'Says that an entry which was asked about is right.')]
    public function keep(UuidV7 $id, WriteCondition $condition): AttemptView
    {
        $this->log->keep($id, $condition);

        return $this->one($id);
    }

    #[Route('/move', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, says: 'Gives an entry to the athlete whose it was.')]
    public function move(UuidV7 $id, WriteCondition $condition, #[FromBody] MoveInput $input): AttemptView
    {
        $this->log->move($id, $input, $condition);

        return $this->one($id);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, says: 'Takes an entry back.')]
    public function remove(UuidV7 $id, WriteCondition $condition): AttemptView
    {
        $this->log->remove($id, $condition);

        return $this->one($id);
    }

    #[Route('/restore', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AttemptView::class, says: 'Brings an entry back that was taken back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): AttemptView
    {
        $this->log->restore($id, $condition);

        return $this->one($id);
    }

    /**
     * @return list<EntryHistoryView>
     */
    #[Route('/history', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(EntryHistoryView::class, list: true, says: 'What became of an entry: who changed what and when, the oldest first.')]
    public function history(UuidV7 $id): array
    {
        return $this->history->of($id);
    }
}
