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
 * Whoever watches the go says what came of it.
 */
final readonly class GoesController
{
    public function __construct(private LogGo $log)
    {
    }

    #[Route('/api/goes/{id}', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(GoView::class, says: 'One go under a cue, and what is said of the focus after it.')]
    public function one(UuidV7 $id): GoView
    {
        return $this->log->one($id);
    }

    #[Route('/api/goes/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(GoView::class, creates: true, says: 'Logs what came of a go under a cue: better, same or worse.')]
    public function put(UuidV7 $id, #[FromBody] GoInput $input): Created
    {
        $new = $this->log->log($id, $input);

        return Created::of($this->log->one($id), $new);
    }

    #[Route('/api/goes/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(GoView::class, says: 'Takes a go under a cue back.')]
    public function takeBack(UuidV7 $id, WriteCondition $condition): GoView
    {
        $this->log->takeBack($id, $condition);

        return $this->log->one($id);
    }

    #[Route('/api/goes/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(GoView::class, says: 'Brings a go under a cue back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): GoView
    {
        $this->log->restore($id, $condition);

        return $this->log->one($id);
    }
}
