<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Cluster\MayBeOld;

/**
 * The months of the class.
 */
final readonly class ClassStoryController
{
    public function __construct(private TellClass $tell)
    {
    }

    #[MayBeOld]
    #[Route('/api/class-story', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(ClassStoryView::class, says: 'Everybody on the path: who moves, who is stuck, ropes, load, and which cue helps.')]
    public function story(): ClassStoryView
    {
        return $this->tell->all();
    }
}
