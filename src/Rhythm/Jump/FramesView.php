<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Zumbo\App\Shared\ObservedView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Fault\MeasuredSigns;
use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;

/**
 * A double read off a clip, each number with what a frame makes of it.
 */
final readonly class FramesView
{
    /**
     * @param list<float>  $jumpWorstM at worst, from and to
     * @param list<?float> $turnsWorst the same; null: without end
     * @param list<float>  $windowS    the first pass may come from so long to so long after take-off
     */
    private function __construct(
        public float $flightS,
        public float $flightErrorS,
        public float $jumpM,
        public float $jumpErrorM,
        public array $jumpWorstM,
        public float $turnsPerMin,
        public float $turnsErrorPerMin,
        public array $turnsWorst,
        /** From take-off to the first pass. */
        public float $firstPassAfterS,
        public array $windowS,
        public SentenceView $verdict,
        /** What the height leaves out. */
        public SentenceView $tucked,
        /** Whose window it is. */
        public SentenceView $windowOf,
        /** For the fault board. */
        public ObservedView $observed,
    ) {
    }

    public static function of(FrameCount $count, LengthUnit $unit): self
    {
        return new self(
            $count->flight->seconds,
            $count->flightErrorS,
            $count->flight->heightM,
            $count->heightErrorM,
            $count->heightWorstM,
            $count->turnsPerMinute,
            $count->turnsError,
            $count->turnsWorst,
            $count->firstPassAfterS,
            $count->windowS,
            SentenceView::of($count->verdict, $unit),
            SentenceView::of(Verdict::of('frames.tucked'), $unit),
            SentenceView::of(Verdict::of('frames.window'), $unit),
            ObservedView::of(MeasuredSigns::ofFrames($count)),
        );
    }
}
