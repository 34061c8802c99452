<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\WeeksPlan;

/**
 * One week of the plan, day by day.
 */
final readonly class PlannedWeekView
{
    /**
     * @param list<PlannedDayView> $days those with work, in order
     */
    private function __construct(
        /** Its Monday, YYYY-MM-DD. */
        public string $monday,
        public int $contactsMost,
        public bool $easier,
        public SentenceView $why,
        public array $days,
    ) {
    }

    /**
     * @return list<self>
     */
    public static function listOf(WeeksPlan $plan, \DateTimeImmutable $monday): array
    {
        $views = [];
        foreach ($plan->weeks as $i => $week) {
            $begins = $monday->modify(\sprintf('+%d weeks', $i));
            $views[] = new self(
                $begins->format('Y-m-d'),
                $week->contactsMost,
                $week->isEasier,
                SentenceView::of($week->why, LengthUnit::Centimetre),
                array_map(
                    static fn (PlannedSession $one): PlannedDayView => new PlannedDayView(
                        $begins->modify(\sprintf('+%d days', $one->day - 1))->format('Y-m-d'),
                        $one->day,
                        $one->kind,
                        $one->minutes,
                        $one->contacts,
                    ),
                    $week->sessions,
                ),
            );
        }

        return $views;
    }
}
