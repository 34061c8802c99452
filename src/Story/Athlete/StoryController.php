<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Cluster\MayBeOld;

/**
 * Months of one athlete. For coaches: what was noted of their health is in it.
 */
final readonly class StoryController
{
    public function __construct(private TellStory $tell)
    {
    }

    #[MayBeOld]
    #[Route('/api/athletes/{id}/story', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteStoryView::class, says: 'What became of an athlete: goes, stages, ropes, heights, pain and pauses, load and cues.')]
    public function story(UuidV7 $id): AthleteStoryView
    {
        return $this->tell->of($id);
    }
}
