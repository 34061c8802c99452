<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Stage;

/**
 * Beginners jump at most three times a week, with a day between (common practice, no published source; that it binds
 * the first four stages is our assumption). On the other days there is work without jumping.
 */
final class RestDay
{
    private const LAST_BEGINNERS_STAGE = Stage::Singles;
    public const MOST_SESSIONS = 3;

    /** Whether somebody of a stage is a beginner in this. */
    public static function bindsAt(Stage $stage): bool
    {
        return !self::LAST_BEGINNERS_STAGE->isBefore($stage);
    }

    /**
     * @param list<int> $jumpDays days ago on which they jumped; 0 is today
     *
     * @return Verdict|null null: no rest day
     */
    public static function of(Stage $stage, array $jumpDays): ?Verdict
    {
        if (!self::bindsAt($stage)) {
            return null;
        }
        $before = array_values(array_unique(array_filter(
            $jumpDays,
            static fn (int $ago): bool => $ago >= 1 && $ago <= 6,
        )));

        return match (true) {
            \in_array(1, $before, true) => Verdict::of('load.rest_day'),
            \count($before) >= self::MOST_SESSIONS => Verdict::of('load.week_full', ['sessions' => \count($before)]),
            default => null,
        };
    }
}
