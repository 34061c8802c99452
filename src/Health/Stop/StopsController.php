<?php

declare(strict_types=1);

namespace Zumbo\App\Health\Stop;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Health\DayStops;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The end of somebody's jumping for today, by one touch.
 */
final readonly class StopsController
{
    public function __construct(private StopDay $stop, private DayStops $stops)
    {
    }

    #[Route('/api/stops/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(StopView::class, creates: true, says: 'Ends an athlete\'s jumping for today.')]
    public function stop(UuidV7 $id, #[FromBody] StopInput $input): Created
    {
        $new = $this->stop->stop($id, $input);

        return Created::of(StopView::of($this->stops->get($id)), $new);
    }

    #[Route('/api/stops/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(StopView::class, says: 'Takes the end of jumping back.')]
    public function takeBack(UuidV7 $id, WriteCondition $condition): StopView
    {
        $this->stop->takeBack($id, $condition);

        return StopView::of($this->stops->get($id));
    }
}
