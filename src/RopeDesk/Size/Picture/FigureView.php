<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Zumbo\Core\Body\Figure;

/**
 * The athlete to scale, in metres.
 */
final readonly class FigureView
{
    private function __construct(
        public float $statureM,
        public float $shoulderM,
        public float $hipM,
        public float $kneeM,
        public float $shoulderBreadthM,
        public float $footLengthM,
        public float $handHeightM,
    ) {
    }

    public static function of(Figure $figure, float $handHeightM): self
    {
        return new self(
            $figure->stature->metres(),
            $figure->shoulder->metres(),
            $figure->hip->metres(),
            $figure->knee->metres(),
            $figure->shoulderBreadth->metres(),
            $figure->footLength->metres(),
            $handHeightM,
        );
    }
}
