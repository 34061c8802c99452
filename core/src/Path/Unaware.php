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
    private const GOES = 12;
    private const STOPPED_ALIKE = 8;
    private const NEXT_CHANCE = 0.6;

    /**
     * @param list<Entry> $entries of the gate's kind, the newest last
     * @param Gate|null   $next    the gate after this one; null: there is none
     *
     * @return Verdict|null null: nothing hints at it
     */
    public static function of(array $entries, ?Gate $next, RecentSessions $recent): ?Verdict
    {
        $goes = array_map(
            static fn (Entry $entry): CountedReps => $entry->counted,
            array_filter($entries, static fn (Entry $entry): bool => CountKind::Streak === $entry->countKind
                && !$entry->counted->summed),
        );
        $last = \array_slice($goes, -self::GOES);
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
        if (null === $next || CountKind::Streak !== $next->countKind || [] === $goes) {
            return null;
        }
        $best = max(array_map(static fn (CountedReps $go): int => $go->successes, $goes));
        $chance = $recent->posterior->chanceOf($next->count);

        return $best < $next->count && $chance >= self::NEXT_CHANCE
            ? Verdict::of('gate.unaware_next', ['count' => $next->count, 'in_ten' => (int) round(10 * $chance)])
            : null;
    }
}
