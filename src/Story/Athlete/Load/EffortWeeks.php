<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete\Load;

use Zumbo\App\Entity\Effort\SessionEffort;
use Zumbo\App\Entity\Effort\SessionEfforts;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Story\Effort\SessionEffortView;
use Zumbo\Core\Load\DayEffort;
use Zumbo\Core\Load\SessionRating;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Story\LoadWeek;

/**
 * How hard an athlete's weeks felt, beside what the weeks before would let them be.
 */
final readonly class EffortWeeks
{
    /** So many are listed one by one. */
    private const LISTED = 12;

    public function __construct(private SessionEfforts $efforts)
    {
    }

    /**
     * @return array{list<StoryEffortWeekView>, SentenceView, list<SessionEffortView>} weeks with the oldest first, and what was said
     *                                                                                 with the newest first
     */
    public function of(Judged $judged, \DateTimeImmutable $today): array
    {
        $efforts = $this->efforts->since($judged->athlete->id(), LoadWeeks::monday($today)->modify('-'.(LoadWeeks::SHOWN - 1).' weeks'));
        $listed = array_map(SessionEffortView::of(...), \array_slice(array_reverse($efforts), 0, self::LISTED));
        if ([] === $efforts) {
            return [[], SentenceView::of(Verdict::of('story.effort_none'), LengthUnit::Centimetre), []];
        }
        $loads = self::loads($efforts, $today);
        $weeks = [];
        foreach (LoadWeek::ofEffort(array_values($loads)) as $i => $week) {
            $most = \PHP_INT_MAX === $week->most ? null : $week->most;
            $weeks[] = new StoryEffortWeekView(array_keys($loads)[$i], $week->contacts, $most, $week->isOver());
        }

        return [$weeks, SentenceView::of(self::said($weeks, $weeks[\count($weeks) - 1]), LengthUnit::Centimetre), $listed];
    }

    /**
     * @param non-empty-list<SessionEffort> $efforts the oldest first
     *
     * @return array<string, int> by Monday, the oldest first, to the week that is
     */
    private static function loads(array $efforts, \DateTimeImmutable $today): array
    {
        $days = [];
        foreach ($efforts as $one) {
            $days[$one->doneOn()->format('Y-m-d')][] = $one;
        }
        $weeks = LoadWeeks::empty($efforts[0]->doneOn(), $today);
        foreach ($days as $day => $all) {
            $weeks[LoadWeeks::monday(new \DateTimeImmutable($day))->format('Y-m-d')] += (int) round(DayEffort::load(
                self::ratings($all, true),
                self::ratings($all, false),
            ));
        }

        return $weeks;
    }

    /**
     * @param list<SessionEffort> $efforts
     *
     * @return list<SessionRating>
     */
    private static function ratings(array $efforts, bool $own): array
    {
        return array_values(array_map(
            static fn (SessionEffort $one): SessionRating => $one->rating(),
            array_filter($efforts, static fn (SessionEffort $one): bool => $one->isSelfReported() === $own),
        ));
    }

    /**
     * @param list<StoryEffortWeekView> $weeks
     * @param StoryEffortWeekView       $last  the week that is
     */
    private static function said(array $weeks, StoryEffortWeekView $last): Verdict
    {
        $over = \count(array_filter($weeks, static fn (StoryEffortWeekView $one): bool => $one->over));

        return $last->over
            ? Verdict::of('story.effort_over', ['load' => $last->load, 'most' => $last->most ?? 0])
            : Verdict::of('story.effort', ['load' => $last->load, 'over' => $over]);
    }
}
