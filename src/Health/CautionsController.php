<?php

declare(strict_types=1);

namespace Zumbo\App\Health;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\Health\StatementInput;

/**
 * What to heed before an athlete jumps.
 */
final readonly class CautionsController
{
    public function __construct(private NoteCaution $note, private ShowCautions $show)
    {
    }

    /**
     * @return list<NotedCautionView>
     */
    #[Route('/api/athletes/{id}/cautions', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NotedCautionView::class, list: true, says: 'What was noted of an athlete\'s health, and what was cleared.')]
    public function history(UuidV7 $id): array
    {
        return $this->show->of($id);
    }

    #[Route('/api/cautions/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(NotedCautionView::class, creates: true, says: 'Notes pain, a warning sign or another caution.')]
    public function note(UuidV7 $id, #[FromBody] CautionInput $input): Created
    {
        $new = $this->note->note($id, $input);

        return Created::of($this->show->one($id), $new);
    }

    #[Route('/api/cautions/{id}/clear', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NotedCautionView::class, says: 'Clears a caution on a coach\'s word.')]
    public function clear(UuidV7 $id, WriteCondition $condition, #[FromBody] ClearInput $input): NotedCautionView
    {
        $this->note->clear($id, $input, $condition);

        return $this->show->one($id);
    }

    /** On the coach's device, by the athlete's own hand. */
    #[Route('/api/cautions/{id}/statement', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NotedCautionView::class, says: 'Clears a caution on what an athlete states of a professional\'s word.')]
    public function state(UuidV7 $id, WriteCondition $condition, #[FromBody] StatementInput $input): NotedCautionView
    {
        $this->note->state($id, $input, $condition);

        return $this->show->one($id);
    }
}
