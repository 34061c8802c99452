<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Measure\LengthUnit;

/**
 * A double read off a clip, each number with what a frame makes of it.
 */
final readonly class FramesView
{
    private function __construct(
        public float $flightS,
        public float $flightErrorS,
        public float $jumpM,
        public float $jumpErrorM,
        public float $turnsPerMin,
        public float $turnsErrorPerMin,
        /** From take-off to the first pass. */
        public float $firstPassAfterS,
        public SentenceView $verdict,
    ) {
    }

    public static function of(FrameCount $count, LengthUnit $unit): self
    {
        return new self(
            $count->flight->seconds,
            $count->flightErrorS,
            $count->flight->heightM,
            $count->heightErrorM,
            $count->turnsPerMinute,
            $count->turnsError,
            $count->firstPassAfterS,
            SentenceView::of($count->verdict, $unit),
        );
    }
}
