<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Dose;
use Zumbo\Core\Stage\Stage;

/**
 * What the next weeks of one athlete rest on.
 */
final readonly class WeeksWish
{
    public const MOST_WEEKS = 12;
    public const USUAL_WEEKS = 4;

    /**
     * @param list<int> $classDays     1 (Monday) to 7, each once, in order
     * @param list<int> $homeDays      the same of days on which they could practise by themselves
     * @param list<int> $weeksContacts of the weeks before this one, the oldest first
     */
    private function __construct(
        public Stage $stage,
        public Dose $dose,
        public ?int $age,
        public array $classDays,
        public array $homeDays,
        public array $weeksContacts,
        public int $weeks,
        /** Until somebody clears it, none of the weeks has a jump. */
        public bool $mayJump,
        public bool $easy,
        public ?int $daysSincePain,
        /** The weekday from which on the next practice is lighter, after a day that was stopped; null: none was. */
        public ?int $lighterFrom,
        /** Until a professional cleared it there is not even work without jumps. */
        public bool $mayWork,
    ) {
    }

    /**
     * @param list<int> $classDays
     * @param list<int> $homeDays
     * @param list<int> $weeksContacts
     *
     * @throws OutOfRange naming the day, the weeks or the contacts
     */
    public static function of(
        Stage $stage,
        array $classDays,
        array $homeDays = [1, 2, 3, 4, 5, 6, 7],
        array $weeksContacts = [],
        Dose $dose = Dose::FiveMinutesDaily,
        ?int $age = null,
        int $weeks = self::USUAL_WEEKS,
        bool $mayJump = true,
        bool $easy = false,
        ?int $daysSincePain = null,
        ?int $lighterFrom = null,
        bool $mayWork = true,
    ): self {
        self::refuse($weeks, [...$classDays, ...$homeDays], $weeksContacts);

        return new self(
            $stage,
            $dose,
            $age,
            self::inOrder($classDays),
            array_values(array_diff(self::inOrder($homeDays), $classDays)),
            $weeksContacts,
            $weeks,
            $mayJump && $mayWork,
            $easy,
            $daysSincePain,
            $lighterFrom,
            $mayWork,
        );
    }

    /**
     * @param list<int> $days
     * @param list<int> $weeksContacts
     */
    private static function refuse(int $weeks, array $days, array $weeksContacts): void
    {
        if ($weeks < 1 || $weeks > self::MOST_WEEKS) {
            throw OutOfRange::of('weeks', (string) $weeks, 'from 1 to '.self::MOST_WEEKS);
        }
        foreach ($days as $day) {
            if ($day < 1 || $day > 7) {
                throw OutOfRange::of('day', (string) $day, 'from 1 (Monday) to 7 (Sunday)');
            }
        }
        foreach ($weeksContacts as $contacts) {
            if ($contacts < 0) {
                throw OutOfRange::of('contacts of a week', (string) $contacts, 'from 0');
            }
        }
    }

    /**
     * @param list<int> $days
     *
     * @return list<int>
     */
    private static function inOrder(array $days): array
    {
        $once = array_values(array_unique($days));
        sort($once);

        return $once;
    }
}
