<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete\Load;

use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Story\LoadWeek;

/**
 * The contacts of an athlete's weeks beside what each might have held.
 */
final readonly class LoadWeeks
{
    /** More are not drawn; the rule looks back eight. */
    public const SHOWN = 52;

    /**
     * @return array{list<StoryWeekView>, SentenceView}
     */
    public function of(Judged $judged, LogSums $sums, \DateTimeImmutable $today): array
    {
        $contacts = self::contacts($sums, $today);
        if ([] === $contacts) {
            return [[], SentenceView::of(Verdict::of('story.load_none'), LengthUnit::Centimetre)];
        }
        $age = $judged->athlete->profile()->ageIn($today);
        $weeks = [];
        foreach (LoadWeek::all(array_values($contacts), $judged->athlete->stage(), $age) as $i => $week) {
            $weeks[] = new StoryWeekView(array_keys($contacts)[$i], $week->contacts, $week->most, $week->isOver());
        }
        $shown = \array_slice($weeks, -self::SHOWN);
        $last = $shown[\count($shown) - 1];
        $values = [
            'contacts' => $last->contacts,
            'most' => $last->most,
            'over' => \count(array_filter($shown, static fn (StoryWeekView $one): bool => $one->over)),
        ];
        $said = $last->over ? Verdict::of('story.load_over', $values) : Verdict::of('story.load_within', $values);

        return [$shown, SentenceView::of($said, LengthUnit::Centimetre)];
    }

    /**
     * @return array<string, int> by Monday, the oldest first, to the week that is; from the first with any
     */
    public static function contacts(LogSums $sums, \DateTimeImmutable $today): array
    {
        if ([] === $sums->sums) {
            return [];
        }
        $weeks = self::empty($sums->sums[0]->localDay, $today);
        foreach ($sums->lines($sums->sums[0]->localDay) as $line) {
            $monday = self::monday($line['day'])->format('Y-m-d');
            $weeks[$monday] = ($weeks[$monday] ?? 0) + $line['contacts'];
        }

        return $weeks;
    }

    /**
     * @return array<string, int> nothing by Monday, from the week of a day to the week that is
     */
    public static function empty(\DateTimeImmutable $from, \DateTimeImmutable $today): array
    {
        $weeks = [];
        $thisWeek = self::monday($today);
        for ($monday = self::monday($from); $monday <= $thisWeek; $monday = $monday->modify('+7 days')) {
            $weeks[$monday->format('Y-m-d')] = 0;
        }

        return $weeks;
    }

    public static function monday(\DateTimeImmutable $day): \DateTimeImmutable
    {
        return $day->modify(\sprintf('-%d days', (int) $day->format('N') - 1));
    }
}
