<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;

/**
 * Where a turning rope goes relative to floor, head and ceiling.
 */
final readonly class Clearance
{
    /** Room left above the highest point of the rope (our assumption: a lamp or a beam is not to be grazed). */
    public const USUAL_CEILING_MARGIN_M = 0.1;

    /** The rise of an easy double, for the ceiling that is needed (our assumption). */
    public const USUAL_JUMP_M = 0.15;

    private function __construct(
        /** Above the floor at the lowest point of the arc; negative: so much arc is spare and the rope drags. */
        public Length $floor,
        /** Above the crown at the highest point; null without a stature. */
        public ?Length $head,
        /** The ceiling the rope needs, jump and margin included. */
        public Length $ceiling,
    ) {
    }

    public static function of(HeldRope $held, ?Length $stature, Length $jump, Length $margin): self
    {
        return new self(
            $held->lowest,
            null === $stature ? null : $held->highest->minus($stature),
            $held->highest->plus($jump)->plus($margin),
        );
    }
}
