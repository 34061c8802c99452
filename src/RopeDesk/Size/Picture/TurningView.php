<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\ArcVerdicts;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\FloorContact;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\SideView;
use Zumbo\Core\Rope\WidthPenalty;

/**
 * A cable in this athlete's hands: the arc, what it clears, and what it costs when the hands drift outward.
 */
final readonly class TurningView
{
    /** The drift that is drawn beside the arc. */
    public const DRAWN_DRIFT_M = 0.1;

    /**
     * @param list<PointView>|null $wideUnder under the feet with the hands drifted out; null: the cable does not reach
     */
    private function __construct(
        public float $cableLengthM,
        public HandsView $hands,
        public ArcView $arc,
        public ?array $wideUnder,
        public SideArcView $side,
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
        public SentenceView $unevenHands,
        public SentenceView $ceiling,
    ) {
    }

    public static function of(Body $body, HeldRope $held, ?Length $handsAhead, Length $jump, Gym $gym): self
    {
        $unit = $gym->unit();
        $hall = null === $gym->ceilingM() ? null : Length::ofMetres($gym->ceilingM());
        $drift = Length::ofMetres(self::DRAWN_DRIFT_M);
        $clearance = Clearance::of($held, $body->stature, $jump, Length::ofMetres(Clearance::USUAL_CEILING_MARGIN_M));
        $contact = FloorContact::of($held);
        $penalty = WidthPenalty::of($held->rope, $drift);
        $verdicts = ArcVerdicts::of($held, $clearance, $contact, $penalty, $hall);
        $side = SideView::of($held, Figure::of($body), $handsAhead);

        return new self(
            $held->rope->cable->metres(),
            HandsView::of($held->hands, $side),
            ArcView::of($held),
            ArcView::underWithHandsOut($held, $drift),
            SideArcView::of($side, $unit),
            $drift->metres(),
            $penalty->rise?->metres(),
            $clearance->floor->metres(),
            $clearance->head?->metres() ?? throw new \LogicException('a body has a stature'),
            $clearance->ceiling->metres(),
            $contact->dragging->metres(),
            SentenceView::of($verdicts->headline, $unit),
            SentenceView::of($verdicts->overHead, $unit),
            SentenceView::of($verdicts->atFloor, $unit),
            SentenceView::of($verdicts->wideHands, $unit),
            SentenceView::of($verdicts->hands, $unit),
            SentenceView::of($verdicts->ceiling, $unit),
        );
    }
}
