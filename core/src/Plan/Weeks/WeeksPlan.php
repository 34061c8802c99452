<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Dose;
use Zumbo\Core\Plan\Practice\ContactBudget;

/**
 * The next weeks of one athlete: days, contacts that rise by the rule of the load, an easier week every fourth.
 *
 * Each week is planned as if the one before it came as planned. A practice at home is worth a quarter of one in class (our
 * assumption).
 */
final readonly class WeeksPlan
{
    public const EASIER_EVERY = 4;
    public const EASIER_SHARE = 0.6;
    private const HOME_SHARE = 0.25;
    private const CLASS_MIN = 20;
    private const HOME_MIN = 5;
    private const LONGER_HOME_MIN = 10;
    private const HOME_SESSIONS = 3;

    /**
     * @param list<PlannedWeek> $weeks
     */
    private function __construct(public array $weeks)
    {
    }

    public static function of(WeeksWish $wish): self
    {
        $jumping = WeekDays::jumping($wish);
        $cap = SessionLoad::weekCap($wish->stage, $wish->age);
        $done = $wish->weeksContacts;
        $weeks = [];
        for ($i = 0; $i < $wish->weeks; ++$i) {
            $week = self::week($wish, $jumping, $done, $i, $cap);
            $weeks[] = $week;
            // An easier week and a week of return are no ordinary ones: what comes after rises from what was before.
            if (!$week->isEasier && !self::isReturning($wish, $i)) {
                $done[] = $week->contacts();
            }
        }

        return new self($weeks);
    }

    private static function isReturning(WeeksWish $wish, int $number): bool
    {
        return null !== $wish->daysSincePain && WeekBase::isReturning($wish->daysSincePain + 7 * $number);
    }

    /**
     * @param list<int> $jumping
     * @param list<int> $done
     */
    private static function week(WeeksWish $wish, array $jumping, array $done, int $number, int $cap): PlannedWeek
    {
        if (!$wish->mayWork) {
            return new PlannedWeek(0, false, Verdict::of('plan.week_nothing'), []);
        }
        if (!$wish->mayJump) {
            return new PlannedWeek(0, false, Verdict::of('plan.week_no_jump'), self::sessions($wish, $jumping, 0));
        }
        $base = WeekBase::of($done, null === $wish->daysSincePain ? null : $wish->daysSincePain + 7 * $number, $wish->easy, $cap);
        $most = min($cap, $base->most ?? $cap);
        $easier = self::EASIER_EVERY - 1 === $number % self::EASIER_EVERY;
        if ($easier) {
            $before = \array_slice($done, -(self::EASIER_EVERY - 1));
            $mean = [] === $before ? $most : array_sum($before) / \count($before);
            $most = min($most, (int) round(self::EASIER_SHARE * $mean));
        }
        $why = match (true) {
            $easier => Verdict::of('plan.week_easier', ['percent' => (int) round(100 * self::EASIER_SHARE), 'every' => self::EASIER_EVERY]),
            $most === $cap => Verdict::of('plan.week_cap', ['cap' => $cap]),
            default => $base->reason ?? Verdict::of('plan.week_cap', ['cap' => $cap]),
        };

        return new PlannedWeek($most, $easier, $why, self::sessions($wish, $jumping, $most, 0 === $number ? $wish->lighterFrom : null));
    }

    /**
     * @param list<int> $jumping
     *
     * @return list<PlannedSession>
     */
    private static function sessions(WeeksWish $wish, array $jumping, int $most, ?int $lighterFrom = null): array
    {
        $kinds = self::kinds($wish, $jumping);
        $shares = array_map(static fn (SessionKind $kind): float => match ($kind) {
            SessionKind::InClass => 1.0,
            SessionKind::Home => self::HOME_SHARE,
            default => 0.0,
        }, $kinds);
        $all = array_sum($shares);
        $cap = SessionLoad::cap($wish->stage, $wish->age);
        $sessions = [];
        $lighter = $lighterFrom;
        foreach ($kinds as $day => $kind) {
            $contacts = $all > 0.0 ? (int) min($cap, floor(($most * $shares[$day]) / $all)) : 0;
            if (null !== $lighter && $day >= $lighter && $contacts > 0) {
                [$contacts, $lighter] = [(int) floor(ContactBudget::LIGHTER * $contacts), null];
            }
            $sessions[] = new PlannedSession($day, $kind, self::minutes($kind, $wish->dose), $contacts);
        }

        return $sessions;
    }

    /**
     * @param list<int> $jumping
     *
     * @return array<int, SessionKind> by day
     */
    private static function kinds(WeeksWish $wish, array $jumping): array
    {
        $kinds = [];
        foreach ($wish->classDays as $day) {
            $kinds[$day] = \in_array($day, $jumping, true) ? SessionKind::InClass : SessionKind::ClassNoJump;
        }
        $home = 0;
        $most = match ($wish->dose) {
            Dose::FiveMinutesDaily, Dose::WhileFresh => 7,
            Dose::ThreeTimesAWeek => self::HOME_SESSIONS,
            Dose::TwoOrThreeSessions => max(0, self::HOME_SESSIONS - \count(array_intersect($wish->classDays, $jumping))),
        };
        foreach ([...array_intersect($wish->homeDays, $jumping), ...array_diff($wish->homeDays, $jumping)] as $day) {
            if ($home < $most) {
                $kinds[$day] = \in_array($day, $jumping, true) ? SessionKind::Home : SessionKind::HomeNoJump;
                ++$home;
            }
        }
        ksort($kinds);

        return $kinds;
    }

    private static function minutes(SessionKind $kind, Dose $dose): int
    {
        return match (true) {
            SessionKind::InClass === $kind, SessionKind::ClassNoJump === $kind => self::CLASS_MIN,
            Dose::FiveMinutesDaily === $dose => self::HOME_MIN,
            default => self::LONGER_HOME_MIN,
        };
    }
}
