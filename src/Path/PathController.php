<?php

declare(strict_types=1);

namespace Zumbo\App\Path;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;

/**
 * The path of an athlete.
 */
final readonly class PathController
{
    public function __construct(private ShowPath $show)
    {
    }

    #[Route('/api/athletes/{id}/path', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AthletePathView::class, says: 'Where an athlete is on the path, what each stage asks, and how they are taught.')]
    public function of(UuidV7 $id): AthletePathView
    {
        return $this->show->of($id);
    }
}
