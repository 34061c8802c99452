<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * What has changed since some weeks were accepted, and why the next ones look otherwise.
 */
final class WeeksChange
{
    /** A week that came as planned within that is told of by nobody (our assumption). */
    private const LESS = 0.7;
    private const MORE = 1.1;

    /** Two first weeks that are the same to a coach (our assumption). */
    private const SAME = 0.05;

    /**
     * @param int $weeksSince whole weeks that have passed since
     *
     * @return list<Verdict> the gravest first; empty: everything is as it was
     */
    public static function between(WeeksWish $accepted, WeeksWish $now, int $weeksSince): array
    {
        $told = [
            ...self::health($accepted, $now),
            ...$accepted->stage === $now->stage ? [] : [Verdict::of('plan.change_stage', [
                'from' => Term::of($accepted->stage),
                'to' => Term::of($now->stage),
            ])],
            ...self::weeks($accepted, $now, $weeksSince),
            ...$accepted->classDays === $now->classDays ? [] : [Verdict::of('plan.change_days', [
                'from' => \count($accepted->classDays),
                'to' => \count($now->classDays),
            ])],
            ...$accepted->dose === $now->dose ? [] : [Verdict::of('plan.change_dose')],
        ];

        return [] === $told && 0 === $weeksSince ? self::base($accepted, $now) : $told;
    }

    /**
     * Something that was written down later, for a week that was over.
     *
     * @return list<Verdict>
     */
    private static function base(WeeksWish $accepted, WeeksWish $now): array
    {
        $from = WeeksPlan::of($accepted)->weeks[0]->contactsMost;
        $to = WeeksPlan::of($now)->weeks[0]->contactsMost;

        return abs($to - $from) <= self::SAME * max(1, $from) ? [] : [Verdict::of('plan.change_base', ['from' => $from, 'to' => $to])];
    }

    /**
     * @return list<Verdict>
     */
    private static function health(WeeksWish $accepted, WeeksWish $now): array
    {
        return match (true) {
            $accepted->mayWork && !$now->mayWork => [Verdict::of('plan.change_nothing')],
            $accepted->mayJump && !$now->mayJump => [Verdict::of('plan.change_no_jump')],
            !$accepted->mayJump && $now->mayJump => [Verdict::of('plan.change_jumps_again')],
            $now->easy && !$accepted->easy => [Verdict::of('plan.change_easy')],
            null !== $now->daysSincePain && null === $accepted->daysSincePain => [Verdict::of('plan.change_return')],
            null !== $now->lighterFrom && null === $accepted->lighterFrom => [Verdict::of('plan.change_lighter')],
            default => [],
        };
    }

    /**
     * What was planned for the weeks that are over beside what came.
     *
     * @return list<Verdict>
     */
    private static function weeks(WeeksWish $accepted, WeeksWish $now, int $weeksSince): array
    {
        $planned = WeeksPlan::of($accepted)->weeks;
        $came = \array_slice($now->weeksContacts, -$weeksSince);
        $verdicts = [];
        for ($i = 0; $i < min($weeksSince, \count($planned), \count($came)); ++$i) {
            $asked = $planned[$i]->contacts();
            $values = ['planned' => $asked, 'came' => $came[$i], 'ago' => $weeksSince - $i];
            if ($asked > 0 && $came[$i] < self::LESS * $asked) {
                $verdicts[] = Verdict::of('plan.change_less', $values);
            } elseif ($asked > 0 && $came[$i] > self::MORE * $asked) {
                $verdicts[] = Verdict::of('plan.change_more', $values);
            }
        }

        return 0 === $weeksSince ? [] : $verdicts;
    }
}
