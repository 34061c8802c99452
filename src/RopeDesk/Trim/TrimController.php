<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\RopeDesk\Keep\RopeView;

/**
 * From a long rope to the length that is kept.
 */
final readonly class TrimController
{
    public function __construct(
        private ShowTrim $show,
        private TrimRope $trim,
        private Ropes $ropes,
    ) {
    }

    #[Route('/api/athletes/{id}/trim', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TrimView::class, says: 'How an athlete\'s rope comes to its length, step by step.')]
    public function path(UuidV7 $id, #[FromQuery] TrimWish $wish = new TrimWish()): TrimView
    {
        return $this->show->forAthlete($id, $wish);
    }

    /** The id is that of the rope as it is from now on. */
    #[Route('/api/trims/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RopeView::class, creates: true, says: 'Trims an athlete\'s rope by a step.')]
    public function trim(UuidV7 $id, #[FromBody] TrimInput $input): Created
    {
        $new = $this->trim->trim($id, $input);

        return Created::of(RopeView::of($this->ropes->get($id)), $new);
    }

    #[Route('/api/ropes/{id}/tails', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RopeView::class, says: 'The tails of a rope are cut: it can be let out no more.')]
    public function cutTails(UuidV7 $id, WriteCondition $condition): RopeView
    {
        $this->trim->cutTails($id, $condition);

        return RopeView::of($this->ropes->get($id));
    }

    #[Route('/api/ropes/{id}/tails/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RopeView::class, says: 'The tails of a rope are whole after all.')]
    public function tailsAreWhole(UuidV7 $id, WriteCondition $condition): RopeView
    {
        $this->trim->tailsAreWhole($id, $condition);

        return RopeView::of($this->ropes->get($id));
    }
}
