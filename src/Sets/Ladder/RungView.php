<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Zumbo\App\Shared\BeatView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\RungOutlook;

/**
 * One step of the stair: the pattern with its beat, and how it will go.
 */
final readonly class RungView
{
    /** Jumps a minute, for drawing (our assumption, the usual beat of doubles). */
    private const CADENCE = 104.0;

    /**
     * @param list<BeatView> $beats
     */
    private function __construct(
        public string $text,
        public string $notation,
        public array $beats,
        /** Of making it unbroken at one try. */
        public float $chance,
        public float $tries,
        /** Made at least once in twenty tries; else it is not for today. */
        public bool $inReach,
        public float $expectedS,
        /**
         * What is logged when it is made: doubles, or singles where there are no doubles; 1 when only clean or not
         * counts.
         */
        public int $reps,
    ) {
    }

    public static function of(RungOutlook $rung, Ladder $ladder, CountKind $countKind): self
    {
        return new self(
            $rung->pattern->text(),
            $rung->pattern->notation(),
            array_map(BeatView::of(...), PatternTiming::of($rung->pattern, Rate::perMinute(self::CADENCE))),
            $rung->chance,
            LadderView::shown($rung->tries()),
            !$rung->isOutOfReach(),
            LadderView::shown($rung->expectedS()),
            CountKind::Tries === $countKind ? 1 : $ladder->reps($rung->pattern),
        );
    }
}
