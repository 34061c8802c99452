<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Planner\Practice\Asked\OnePracticeInput;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * A practice for one athlete. It is not kept: the same minutes and seed give the same one.
 */
final readonly class OnePracticeController
{
    public function __construct(private ShowPractice $show)
    {
    }

    #[Route('/api/athletes/{id}/practice', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PracticeView::class, says: 'A practice for one athlete, outside the class.')]
    public function practice(UuidV7 $id, #[FromQuery] OnePracticeInput $input = new OnePracticeInput()): PracticeView
    {
        return $this->show->forOne($id, $input);
    }
}
