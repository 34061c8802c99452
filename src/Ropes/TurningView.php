<?php

declare(strict_types=1);

namespace Zumbo\App\Ropes;

use Zumbo\App\Platform\Api\SentenceView;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\ArcStory;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\FloorContact;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Rope\WidthPenalty;

/**
 * A cable in this athlete's hands: the arc, what it clears, and what it costs when the hands drift outward.
 */
final readonly class TurningView
{
    /** The drift that is drawn beside the arc. */
    private const DRAWN_DRIFT_M = 0.10;

    private function __construct(
        public float $cableLengthM,
        public ArcView $arc,
        public ?ArcView $wideArc,
        public float $eachHandOutM,
        /** How much the arc rises then; null when the rope no longer reaches. */
        public ?float $riseM,
        /** Negative: so much arc is spare and drags. */
        public float $floorClearanceM,
        public float $headClearanceM,
        /** The ceiling needed, a low jump and a hand's breadth of room included. */
        public float $ceilingM,
        /** Rope lying on the floor at the lowest point. */
        public float $draggingM,
        /** The page's title, and what the picture says; together its text alternative. */
        public SentenceView $headline,
        public SentenceView $overHead,
        public SentenceView $atFloor,
        public SentenceView $wideHands,
        public SentenceView $ceiling,
    ) {
    }

    public static function of(Body $body, TurningRope $rope, Length $jump, LengthUnit $unit): self
    {
        $hands = $body->handHeight();
        $drift = Length::ofMetres(self::DRAWN_DRIFT_M);
        $clearance = Clearance::of($rope, $hands, $body->stature, $jump, Length::ofMetres(Clearance::USUAL_CEILING_MARGIN_M));

        $contact = FloorContact::of($rope, $hands);
        $penalty = WidthPenalty::of($rope, $drift);
        $story = ArcStory::of($rope, $clearance, $contact, $penalty);

        return new self(
            $rope->cable->metres(),
            ArcView::of($rope),
            ArcView::withHandsOut($rope, $drift),
            $drift->metres(),
            $penalty->rise?->metres(),
            $clearance->floor->metres(),
            $clearance->head?->metres() ?? throw new \LogicException('a body has a stature'),
            $clearance->ceiling->metres(),
            $contact->dragging->metres(),
            SentenceView::of($story->headline, $unit),
            SentenceView::of($story->overHead, $unit),
            SentenceView::of($story->atFloor, $unit),
            SentenceView::of($story->wideHands, $unit),
            SentenceView::of($story->ceiling, $unit),
        );
    }
}
