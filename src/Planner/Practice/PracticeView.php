<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\App\Shared\SentenceView;

/**
 * A practice for the class: its parts, who does what in each, and what gives.
 */
final readonly class PracticeView
{
    /**
     * @param list<ThingView>         $things
     * @param list<PartView>          $parts      in order; empty: there is no time for a practice
     * @param list<PlanPersonView>    $people     in the order of the hall
     * @param list<SentenceView>      $notes
     * @param list<PlanHabitView>     $habits     what the coach changes again and again, where tonight's is not so yet
     * @param list<PlanProgrammeView> $programmes as the clock of the class runs it
     */
    public function __construct(
        /** Null: nobody kept one, it is proposed. */
        public ?string $id,
        public int $version,
        /** Local, YYYY-MM-DD. */
        public string $day,
        public SentenceView $title,
        public int $minutes,
        public bool $hardFloor,
        public int $seed,
        public array $things,
        public array $parts,
        public array $people,
        public array $notes,
        public array $habits,
        public array $programmes,
        /** By how many percent it may weigh more than the best plan there is; 0: it is the best. */
        public float $gapPercent,
        public bool $canUndo,
        /** Empty: nobody did. */
        public string $changedBy,
        public int $revision,
    ) {
    }
}
