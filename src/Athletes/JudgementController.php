<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Today\JudgementView;
use Zumbo\App\Shared\Today\JudgeToday;

/**
 * The one judgement about an athlete today.
 */
final readonly class JudgementController
{
    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private Gyms $gyms,
        private CurrentCoach $coach,
    ) {
    }

    #[Route('/api/athletes/{id}/judgement', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(JudgementView::class, says: 'Whether an athlete may jump today, with what, and how much.')]
    public function of(UuidV7 $id): JudgementView
    {
        return JudgementView::of(
            $this->judge->athlete($this->athletes->get($id)),
            $this->coach->role(),
            $this->gyms->current()->unit(),
        );
    }
}
