<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\Pattern;

/**
 * What one athlete does in one part of a practice, how much of it, and which rule chose it.
 */
final readonly class Block
{
    /**
     * @param list<WarmUpItem> $items   what a warm-up or a cool-down is made of
     * @param list<LeftOut>    $leftOut what was considered as well
     */
    public function __construct(
        public Slot $slot,
        public int $seconds,
        /** Of the drill, or of the ladder; a warm-up or cool-down: its own. */
        public string $code,
        public string $title,
        public ?Pattern $pattern,
        public int $cadence,
        public CountKind $countKind,
        public int $sets,
        public int $aim,
        public int $restS,
        public string $cue,
        /** At most. */
        public int $contacts,
        public PlanRule $rule,
        public Verdict $why,
        public array $items = [],
        public array $leftOut = [],
        /** Code of a neighbour; null: there is none that fits. */
        public ?string $easier = null,
        public ?string $harder = null,
    ) {
    }

    /** Nothing to do but to watch. */
    public function isRest(): bool
    {
        return Candidate::REST === $this->code;
    }

    public function isPinned(): bool
    {
        return PlanRule::Pin === $this->rule;
    }
}
