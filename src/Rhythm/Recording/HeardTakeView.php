<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Rhythm\Take\TakeView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rhythm\RhythmReport;

/**
 * What was heard of rope and feet, and how loud it was.
 */
final readonly class HeardTakeView
{
    /** Fewer landings make no jump. */
    private const LEAST_LANDINGS = 2;

    /**
     * @param list<float> $turnsS    when the rope met the floor
     * @param list<float> $landingsS when the feet did
     * @param list<int>   $ticks     loudness of the upper band for each column, from 0 to 1000
     * @param list<int>   $thuds     of the lower band
     */
    private function __construct(
        public float $seconds,
        public array $turnsS,
        public array $landingsS,
        /** From 0 to 1. */
        public float $confidence,
        /** False: too noisy, or no jumping; the marks are shown and nothing is counted. */
        public bool $counts,
        public SentenceView $verdict,
        /** Seconds of one column. */
        public float $columnS,
        public array $ticks,
        public array $thuds,
        /** The marks as they were heard, read without a target; null: too few to read. */
        public ?TakeView $report,
    ) {
    }

    public static function of(HeardRecording $heard): self
    {
        return new self(
            $heard->seconds,
            $heard->turnsS,
            $heard->landingsS,
            $heard->confidence,
            $heard->counts,
            SentenceView::of($heard->verdict(), LengthUnit::Centimetre),
            $heard->columnS,
            $heard->ticks,
            $heard->thuds,
            \count($heard->landingsS) < self::LEAST_LANDINGS
                ? null
                : TakeView::of(RhythmReport::of($heard->take())),
        );
    }
}
