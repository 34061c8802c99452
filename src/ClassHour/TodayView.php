<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\BestView;
use Zumbo\App\Shared\Plan\DrillView;
use Zumbo\App\Shared\Plan\FocusOfToday;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;

/**
 * What one athlete works on today, how it went so far, and how far the gate is.
 */
final readonly class TodayView
{
    /**
     * @param list<DrillView>   $others  the other drills of the stage
     * @param list<AttemptView> $entries of this stage, the newest last
     * @param list<BestView>    $bests   by kind of entry, for a device that asks at once
     */
    public function __construct(
        public string $athleteId,
        public AllowanceView $allowance,
        /** Null: jumping is off today. */
        public ?DrillView $drill,
        /** Taught in silence: no click is offered, the rope is heard. */
        public bool $silent,
        public ?SentenceView $reason,
        public array $others,
        /** The one fault that is worked on: its cue is the cue of today's set. */
        public ?FocusOfToday $focus,
        /** Null at the last stage. */
        public ?GateView $gate,
        public array $entries,
        public array $bests,
        /** The revision this was read at, for what a device did since. */
        public int $revision,
    ) {
    }
}
