<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Shared\SentenceView;

/**
 * What was heard of rope and feet, and how loud it was.
 */
final readonly class HeardTakeView
{
    /**
     * @param list<float> $turnsS    when the rope met the floor
     * @param list<float> $landingsS when the feet did
     * @param list<int>   $ticks     loudness of the upper band for each column, from 0 to 1000
     * @param list<int>   $thuds     of the lower band
     */
    public function __construct(
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
    ) {
    }
}
