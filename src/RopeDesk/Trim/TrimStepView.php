<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\TrimStep;

/**
 * One step of a trim path.
 */
final readonly class TrimStepView
{
    private function __construct(
        public float $cableLengthM,
        public float $offPerSideM,
        public SentenceView $gate,
        /** What it does to the arc. */
        public SentenceView $effect,
    ) {
    }

    public static function of(TrimStep $step, LengthUnit $unit): self
    {
        return new self(
            $step->cable->metres(),
            $step->offPerSide->metres(),
            SentenceView::of($step->gate, $unit),
            SentenceView::of($step->effect(), $unit),
        );
    }
}
