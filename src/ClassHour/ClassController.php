<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;

final readonly class ClassController
{
    public function __construct(private ShowClass $class, private ShowToday $today)
    {
    }

    #[Route('/api/class', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassView::class)]
    public function tonight(): ClassView
    {
        return $this->class->tonight();
    }

    #[Route('/api/athletes/{id}/today', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TodayView::class)]
    public function today(UuidV7 $id): TodayView
    {
        return $this->today->of($id);
    }
}
