<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Load\RestDay;
use Zumbo\Core\Method\Dose;

/**
 * On which days of a week somebody jumps: of all sets of days that the rules allow, the one that weighs most.
 *
 * Class days come first, then as many days as the dose asks for, then even gaps. Beginners at most three with a day between, also
 * from Sunday to Monday; everybody else at most five (our assumption; one or two rest days a week are common practice).
 */
final class WeekDays
{
    public const MOST_JUMP_DAYS = 5;
    private const DAYS = 7;
    private const FOR_CLASS = 100;
    private const FOR_THE_DOSE = 10;

    /**
     * @return list<int> days, 1 to 7
     */
    public static function jumping(WeeksWish $wish): array
    {
        if (!$wish->mayJump) {
            return [];
        }
        $free = [...$wish->classDays, ...$wish->homeDays];
        sort($free);
        $best = [[], -\INF];
        for ($set = 0; $set < 2 ** \count($free); ++$set) {
            $days = array_values(array_filter($free, static fn (int $i): bool => 1 === ($set >> $i & 1), \ARRAY_FILTER_USE_KEY));
            $worth = self::isAllowed($days, $wish) ? self::worth($days, $wish) : -\INF;
            if ($worth > $best[1]) {
                $best = [$days, $worth];
            }
        }

        return $best[0];
    }

    /** How many sessions with jumps a week a dose asks for, class included. */
    private static function wanted(Dose $dose): int
    {
        return match ($dose) {
            Dose::FiveMinutesDaily, Dose::WhileFresh => self::MOST_JUMP_DAYS,
            Dose::ThreeTimesAWeek, Dose::TwoOrThreeSessions => RestDay::MOST_SESSIONS,
        };
    }

    /**
     * @param list<int> $days
     */
    private static function isAllowed(array $days, WeeksWish $wish): bool
    {
        if (!RestDay::bindsAt($wish->stage)) {
            return \count($days) <= self::MOST_JUMP_DAYS;
        }
        foreach ($days as $day) {
            if (\in_array($day % self::DAYS + 1, $days, true)) {
                return false;
            }
        }

        return \count($days) <= RestDay::MOST_SESSIONS;
    }

    /**
     * @param list<int> $days
     */
    private static function worth(array $days, WeeksWish $wish): float
    {
        $inClass = \count(array_intersect($days, $wish->classDays));
        $count = \count($days);

        $missing = abs(max($inClass, self::wanted($wish->dose)) - $count);

        return self::FOR_CLASS * $inClass - self::FOR_THE_DOSE * $missing - self::unevenness($days);
    }

    /**
     * @param list<int> $days
     */
    private static function unevenness(array $days): float
    {
        if ([] === $days) {
            return 0.0;
        }
        $mean = self::DAYS / \count($days);
        $sum = 0.0;
        foreach ($days as $i => $day) {
            $next = $days[$i + 1] ?? $days[0] + self::DAYS;
            $sum += ($next - $day - $mean) ** 2;
        }

        return $sum / self::DAYS;
    }
}
