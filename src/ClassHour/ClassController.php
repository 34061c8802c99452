<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;

final readonly class ClassController
{
    public function __construct(
        private ShowClass $class,
        private ShowToday $today,
        private KeptAnswers $kept,
        private Gyms $gyms,
        private CurrentCoach $coach,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/class', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassView::class)]
    public function tonight(Request $request): Response
    {
        $day = LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone())->format('Y-m-d');
        $role = $this->coach->role()->value;

        return $this->kept->answer($request, 'class '.$role, [$day], $this->class->tonight(...));
    }

    #[Route('/api/athletes/{id}/today', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TodayView::class)]
    public function today(UuidV7 $id): TodayView
    {
        return $this->today->of($id);
    }
}
