<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Shared\CurrentCoach;

final readonly class ClassController
{
    public function __construct(
        private ShowClass $class,
        private ShowToday $today,
        private KeptAnswers $kept,
        private CurrentCoach $coach,
    ) {
    }

    #[Route('/api/class', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassView::class, says: 'The hall tonight: who is here, with rope, set, cue and outlook.')]
    public function tonight(Request $request): Response
    {
        return $this->kept->answer($request, 'class '.$this->coach->role()->value, $this->class->tonight(...), true);
    }

    #[Route('/api/athletes/{id}/today', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TodayView::class, says: 'What an athlete does today: set, cue, gate, and what was logged.')]
    public function today(UuidV7 $id, Request $request): Response
    {
        return $this->kept->answer(
            $request,
            \sprintf('today %s %s', $id->toRfc4122(), $this->coach->role()->value),
            fn (): TodayView => $this->today->of($id),
            true,
        );
    }
}
