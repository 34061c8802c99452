<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Measure\Verdict;

/**
 * A ladder that was fitted to somebody, and why this one.
 */
final readonly class FittedLadder
{
    public function __construct(
        public int $start,
        public int $step,
        public int $top,
        public int $times,
        public LadderOutlook $outlook,
        /** Of making the rung of the top number at one go. */
        public float $chanceOfTop,
        public ?Verdict $why = null,
    ) {
    }

    public function because(Verdict $why): self
    {
        return new self(
            $this->start,
            $this->step,
            $this->top,
            $this->times,
            $this->outlook,
            $this->chanceOfTop,
            $why,
        );
    }
}
