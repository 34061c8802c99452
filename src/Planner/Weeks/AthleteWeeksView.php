<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Zumbo\App\Shared\Home\HomeworkView;
use Zumbo\App\Shared\SentenceView;

/**
 * The next four weeks of one athlete, beside those that were accepted.
 */
final readonly class AthleteWeeksView
{
    /**
     * @param list<PlannedWeekView> $acceptedWeeks empty: nobody has accepted any
     */
    public function __construct(
        public SentenceView $title,
        public string $from,
        public WeeksRowView $row,
        public array $acceptedWeeks,
        /** The Monday of the first of those; null: nobody has accepted any. */
        public ?string $acceptedFrom,
        public int $perWeek,
        /** When the gate may open at so many practices a week; null: there is no gate. */
        public ?SentenceView $forecast,
        /** The next practice at home; null: none is planned this week. */
        public ?HomeworkView $homework,
        public int $revision,
    ) {
    }
}
