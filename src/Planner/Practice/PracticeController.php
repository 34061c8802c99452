<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Planner\Practice\Asked\PracticeChangeInput;
use Zumbo\App\Planner\Practice\Asked\PracticeInput;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The practice of tonight.
 */
#[Route('/api/practice')]
final readonly class PracticeController
{
    public function __construct(private KeepPractice $keep, private ShowPractice $show)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PracticeView::class, says: 'The practice of tonight: as it was kept, else as it is proposed.')]
    public function tonight(): PracticeView
    {
        return $this->show->tonight();
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PracticeView::class, creates: true, says: 'Keeps a practice for the class of today.')]
    public function keep(UuidV7 $id, #[FromBody] PracticeInput $input): Created
    {
        $new = $this->keep->keep($id, $input);

        return Created::of($this->show->tonight(), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PracticeView::class, says: 'Changes the practice: minutes, things, a pin, another one, or one step back.')]
    public function change(UuidV7 $id, WriteCondition $condition, #[FromBody] PracticeChangeInput $input): PracticeView
    {
        $this->keep->change($id, $input, $condition);

        return $this->show->tonight();
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PracticeView::class, says: 'Drops the practice: what is in turn holds again.')]
    public function drop(UuidV7 $id, WriteCondition $condition): PracticeView
    {
        $this->keep->drop($id, $condition);

        return $this->show->tonight();
    }
}
