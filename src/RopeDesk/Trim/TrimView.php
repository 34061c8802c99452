<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\RopeDesk\Keep\RopeView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Gear\TrimAdvice;
use Zumbo\Core\Rope\School;

/**
 * Where a rope is on its way to the goal length, and whether the last step helped.
 */
final readonly class TrimView
{
    /**
     * @param list<TrimStepView>   $steps
     * @param list<PastLengthView> $history the oldest first
     */
    public function __construct(
        /** Null: no rope yet, size one first. */
        public ?RopeView $rope,
        public School $goalSchool,
        public float $goalM,
        public array $steps,
        public ?SentenceView $advice,
        /** Whether the next step's gate is met, as far as the log can tell. */
        public bool $gateOpen,
        public ?SentenceView $gate,
        /** Why no step may be taken today; null: one may. */
        public ?SentenceView $notToday,
        /** Null: never trimmed. */
        public ?TrimAdvice $outcome,
        public ?SentenceView $outcomeReason,
        public bool $mayCutTails,
        public ?SentenceView $tails,
        public array $history,
    ) {
    }
}
