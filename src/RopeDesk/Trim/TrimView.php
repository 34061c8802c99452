<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\RopeDesk\Keep\RopeView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Gear\TrimAdvice;
use Zumbo\Core\Measure\LengthUnit;
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
        public RopeVerdictView $verdict,
        public School $goalSchool,
        /** Null: the handles are not known. */
        public ?float $goalM,
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
        /** Misses before and since the athlete grew; null: they did not, with this rope. */
        public ?SentenceView $sinceGrowth,
        public array $history,
        public TrimSourcesView $sources,
    ) {
    }

    /** Nobody has sized a rope yet. */
    public static function withoutRope(Judged $judged, LengthUnit $unit): self
    {
        return new self(
            rope: null,
            verdict: RopeVerdictView::ofJudged($judged, $unit),
            goalSchool: $judged->wanted->inForce->school,
            goalM: $judged->goal()?->cable->metres(),
            steps: [],
            advice: null,
            gateOpen: false,
            gate: null,
            notToday: null,
            outcome: null,
            outcomeReason: null,
            mayCutTails: false,
            tails: null,
            sinceGrowth: null,
            history: [],
            sources: TrimSourcesView::in($unit),
        );
    }
}
