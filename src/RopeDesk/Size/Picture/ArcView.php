<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\HeldRope;

/**
 * One position of the turning rope seen from the front, drawn from these points and nothing else: metres to the right
 * of the body's middle, metres above the floor.
 */
final readonly class ArcView
{
    /** Enough for a smooth curve at any size on screen. */
    private const POINTS = 61;

    /**
     * @param list<PointView> $under passing under the feet; on the floor where it would be below
     * @param list<PointView> $over  passing over the head
     */
    private function __construct(
        public float $handSpanM,
        public float $depthM,
        public array $under,
        public array $over,
    ) {
    }

    public static function of(HeldRope $held): self
    {
        return new self(
            $held->rope->span->metres(),
            $held->hands->middleHeight()->minus($held->lowest)->metres(),
            array_map(PointView::of(...), $held->under(self::POINTS)),
            array_map(PointView::of(...), $held->over(self::POINTS)),
        );
    }

    /**
     * @return list<PointView>|null under the feet with each hand so much further out; null when the cable does not
     *                              reach
     */
    public static function underWithHandsOut(HeldRope $held, Length $eachHand): ?array
    {
        $wider = $held->hands->wider($eachHand);

        return $held->rope->cable->compareTo($wider->span()) < 0
            ? null
            : array_map(PointView::of(...), HeldRope::of($held->rope->cable, $wider)->under(self::POINTS));
    }
}
