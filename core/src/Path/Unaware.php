<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Streak\CountedReps;

/**
 * Who is ready and does not know it: at least eight of the last twelve goes ended on purpose at the same number, or the
 * next gate would hold three times in five while nobody let them try (our assumption). A ceiling in the head looks like
 * one in the legs until somebody says "go on".
 */
final class Unaware
{
    private const STOPPED_ALIKE = 8;
    private const NEXT_CHANCE = 0.6;

    /**
     * @param Gate|null $next the gate after this one; null: there is none
     *
     * @return Verdict|null null: nothing hints at it
     */
    public static function of(GateLog $log, ?Gate $next, RecentSessions $recent): ?Verdict
    {
        $last = $log->goes;
        $stops = array_count_values(array_map(
            static fn (CountedReps $go): int => $go->successes,
            array_filter($last, static fn (CountedReps $go): bool => 0 === $go->misses && $go->successes > 0),
        ));
        arsort($stops);
        $alike = reset($stops);
        if (false !== $alike && $alike >= self::STOPPED_ALIKE) {
            return Verdict::of('gate.unaware_stops', [
                'count' => (int) key($stops),
                'times' => $alike,
                'goes' => \count($last),
            ]);
        }
        if (null === $next || CountKind::Streak !== $next->countKind || null === $log->best) {
            return null;
        }
        $chance = $recent->posterior->chanceOf($next->count);

        return $log->best < $next->count && $chance >= self::NEXT_CHANCE
            ? Verdict::of('gate.unaware_next', ['count' => $next->count, 'in_ten' => (int) round(10 * $chance)])
            : null;
    }
}
