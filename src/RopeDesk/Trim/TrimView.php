<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\RopeDesk\Keep\RopeView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Gear\TrimAdvice;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;

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
        public TrimSourcesView $sources,
    ) {
    }

    /** Nobody has sized a rope yet. */
    public static function withoutRope(SchoolRope $goal, LengthUnit $unit): self
    {
        return new self(
            rope: null,
            goalSchool: $goal->school,
            goalM: $goal->cable->metres(),
            steps: [],
            advice: null,
            gateOpen: false,
            gate: null,
            notToday: null,
            outcome: null,
            outcomeReason: null,
            mayCutTails: false,
            tails: null,
            history: [],
            sources: TrimSourcesView::in($unit),
        );
    }
}
