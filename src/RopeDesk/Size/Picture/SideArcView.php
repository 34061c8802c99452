<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\ArcVerdicts;
use Zumbo\Core\Rope\SideView;

/**
 * The middle of the rope seen from the side: a circle about the hands; metres ahead of the ankles.
 */
final readonly class SideArcView
{
    private function __construct(
        public float $radiusM,
        public float $toesAheadM,
        /** Where it comes down on the floor; null: nowhere. */
        public ?float $meetsAheadM,
        public SentenceView $meets,
    ) {
    }

    public static function of(SideView $side, LengthUnit $unit): self
    {
        return new self(
            $side->radius->metres(),
            $side->toesAhead->metres(),
            $side->meetsAhead?->metres(),
            SentenceView::of(ArcVerdicts::ahead($side), $unit),
        );
    }
}
