<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\SideView;

/**
 * How far a hand can be dragged, in metres: out from the middle of the body, above the floor, ahead of the ankles.
 */
final readonly class HandLimitsView
{
    private function __construct(
        public float $leastOutM,
        public float $mostOutM,
        public float $leastHeightM,
        public float $mostHeightM,
        public float $leastAheadM,
        public float $mostAheadM,
    ) {
    }

    public static function ofCore(): self
    {
        return new self(
            Hands::LEAST_OUT_M,
            Hands::MOST_OUT_M,
            Hands::LEAST_HEIGHT_M,
            Hands::MOST_HEIGHT_M,
            SideView::LEAST_AHEAD_M,
            SideView::MOST_AHEAD_M,
        );
    }
}
