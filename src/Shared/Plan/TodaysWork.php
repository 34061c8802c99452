<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Plan;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Measure\Verdict;

/**
 * What an athlete works on today: the set, why it is that one, and the fault that goes with it.
 */
final readonly class TodaysWork
{
    public function __construct(
        /** Null: jumping is off today. */
        public ?Drill $drill,
        public ?Verdict $reason,
        public ?FocusOfToday $focus,
        public DrillShelf $shelf,
    ) {
    }

    /** On a day that was planned without jumps. */
    public function withoutSet(): self
    {
        return new self(null, null, $this->focus, $this->shelf);
    }

    /** The set as a screen shows it: its cue is that of the fault, if there is one. */
    public function view(): ?DrillView
    {
        return null === $this->drill ? null : DrillView::of($this->drill, $this->focus?->cue->cue);
    }
}
