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
    #[Answers(TonightView::class)]
    public function tonight(#[FromQuery] TonightInput $input = new TonightInput()): TonightView
    {
        return $this->plan->tonight($input);
    }

    #[Route('/api/rack/strip', methods: ['GET'], priority: 1)]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(StripView::class)]
    public function strip(): StripView
    {
        return $this->plan->strip();
    }

    #[Route('/api/nights/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TonightView::class, creates: true)]
    public function give(UuidV7 $id, #[FromBody] NightInput $input): Created
    {
        $new = $this->give->tonight($id, $input);

        return Created::of($this->plan->tonight(new TonightInput()), $new);
    }

    #[Route('/api/pins/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class, creates: true)]
    public function pin(UuidV7 $id, #[FromBody] PinInput $input): Created
    {
        $new = $this->pin->pin($id, $input);

        return Created::of(PinView::of($this->rack->pin($id)), $new);
    }

    /** Another rope for the same athlete: one request, so that nothing in between can lose the pin. */
    #[Route('/api/pins/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class)]
    public function move(UuidV7 $id, WriteCondition $condition, #[FromBody] MovePinInput $input): PinView
    {
        $this->pin->move($id, $input, $condition);

        return PinView::of($this->rack->pin($id));
    }

    #[Route('/api/pins/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class)]
    public function takeOut(UuidV7 $id, WriteCondition $condition): PinView
    {
        $this->pin->takeOut($id, $condition);

        return PinView::of($this->rack->pin($id));
    }

    #[Route('/api/pins/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(PinView::class)]
    public function restore(UuidV7 $id, WriteCondition $condition): PinView
    {
        $this->pin->restore($id, $condition);

        return PinView::of($this->rack->pin($id));
    }
}
