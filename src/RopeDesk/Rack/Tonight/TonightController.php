<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\RopeDesk\Rack\MovePinInput;
use Zumbo\App\RopeDesk\Rack\PinInput;
use Zumbo\App\RopeDesk\Rack\PinRope;
use Zumbo\App\RopeDesk\Rack\PinView;

/**
 * Who gets which shared rope.
 */
final readonly class TonightController
{
    public function __construct(
        private PlanGiving $plan,
        private GiveRopes $give,
        private PinRope $pin,
        private Rack $rack,
    ) {
    }

    #[Route('/api/rack/tonight', methods: ['GET'], priority: 1)]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TonightView::class, says: 'Which shared rope goes to whom tonight, and why.')]
    public function tonight(#[FromQuery] TonightInput $input = new TonightInput()): TonightView
    {
        return $this->plan->tonight($input);
    }

    #[Route('/api/rack/strip', methods: ['GET'], priority: 1)]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(StripView::class, says: 'The height strip for the wall: from which height which rope.')]
    public function strip(): StripView
    {
        return $this->plan->strip();
    }

    #[Route('/api/nights/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TonightView::class, creates: true, says: 'Notes who has which shared rope tonight.')]
    public function give(UuidV7 $id, #[FromBody] NightInput $input): Created
    {
        $new = $this->give->tonight($id, $input);

        return Created::of($this->plan->tonight(new TonightInput()), $new);
    }

    #[Route('/api/pins/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class, creates: true, says: 'Pins a shared rope to an athlete.')]
    public function pin(UuidV7 $id, #[FromBody] PinInput $input): Created
    {
        $new = $this->pin->pin($id, $input);

        return Created::of(PinView::of($this->rack->pin($id)), $new);
    }

    /** Another rope for the same athlete: one request, so that nothing in between can lose the pin. */
    #[Route('/api/pins/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class, says: 'Pins another rope instead.')]
    public function move(UuidV7 $id, WriteCondition $condition, #[FromBody] MovePinInput $input): PinView
    {
        $this->pin->move($id, $input, $condition);

        return PinView::of($this->rack->pin($id));
    }

    #[Route('/api/pins/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class, says: 'Takes a pin out.')]
    public function takeOut(UuidV7 $id, WriteCondition $condition): PinView
    {
        $this->pin->takeOut($id, $condition);

        return PinView::of($this->rack->pin($id));
    }

    #[Route('/api/pins/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class, says: 'Brings a pin back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): PinView
    {
        $this->pin->restore($id, $condition);

        return PinView::of($this->rack->pin($id));
    }
}
