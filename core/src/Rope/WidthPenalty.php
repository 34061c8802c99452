<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;

/**
 * What drifting hands cost: how much the lowest point of the arc rises when each hand moves outward.
 */
final readonly class WidthPenalty
{
    /** The drifts shown to a coach, each hand, in metres. */
    public const SHOWN_M = [0.05, 0.1, 0.15];

    private function __construct(
        public Length $eachHand,
        /** Null when the rope no longer reaches from hand to hand. */
        public ?Length $rise,
    ) {
    }

    /**
     * @return list<self>
     */
    public static function shown(TurningRope $rope): array
    {
        return array_map(static fn (float $metres): self => self::of($rope, Length::ofMetres($metres)), self::SHOWN_M);
    }

    public static function of(TurningRope $rope, Length $eachHand): self
    {
        $wider = $rope->span->plus($eachHand->times(2));
        if ($rope->cable->compareTo($wider) < 0) {
            return new self($eachHand, null);
        }

        return new self($eachHand, $rope->depth->minus($rope->withSpan($wider)->depth));
    }
}
