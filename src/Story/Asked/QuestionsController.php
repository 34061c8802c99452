<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Cluster\MayBeOld;

/**
 * The question box.
 */
final readonly class QuestionsController
{
    public function __construct(private AnswerBox $answer)
    {
    }

    /**
     * @return list<BoxQuestionView>
     */
    #[Route('/api/questions', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(BoxQuestionView::class, list: true, says: 'The questions that are ready to be asked of the whole log.')]
    public function all(): array
    {
        return BoxQuestionView::all();
    }

    #[MayBeOld]
    #[Route('/api/questions/{question}', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(BoxAnswerView::class, says: 'Answers a question in a sentence, with who is in it.')]
    public function one(BoxQuestion $question): BoxAnswerView
    {
        return $this->answer->to($question);
    }
}
