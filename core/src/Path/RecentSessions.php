<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * What a log says of an athlete as they are now: a session weighs 0.85 of the one after it, so that about the last six
 * speak; and where those six alone surely say something else than all together, the older ones are left out: whoever has
 * learnt it can't be outvoted by the time when they had not, nor the other way round (our assumption).
 */
final readonly class RecentSessions
{
    public const PER_SESSION = 0.85;
    private const LAST = 6;
    private const LEAST_ENTRIES = 5;

    /** The interval outside of which lies what all sessions say. */
    private const SURE = 0.80;

    private function __construct(public Posterior $posterior, public int $sessions, public int $entries, public int $attempts)
    {
    }

    /**
     * @param list<Entry> $entries the newest last
     */
    public static function of(Prior $prior, array $entries): self
    {
        $back = self::sessionsBack($entries);
        $all = self::among($prior, $entries, $back);
        $last = self::among($prior, array_values(array_filter(
            $entries,
            static fn (Entry $entry): bool => $back[$entry->session] < self::LAST,
        )), $back);
        [$low, $high] = $last->posterior->interval(self::SURE);
        $mean = $all->posterior->chance->mean();

        return $last->entries >= self::LEAST_ENTRIES && ($mean < $low || $mean > $high) ? $last : $all;
    }

    /**
     * @param list<Entry>        $entries
     * @param array<string, int> $back
     */
    private static function among(Prior $prior, array $entries, array $back): self
    {
        $counted = array_map(
            static fn (Entry $entry): CountedReps => $entry->weighing(self::PER_SESSION ** $back[$entry->session])->counted,
            $entries,
        );

        return new self(
            Posterior::of($prior, $counted),
            \count(array_unique(array_map(static fn (Entry $entry): string => $entry->session, $entries))),
            \count($entries),
            array_sum(array_map(static fn (CountedReps $one): int => $one->successes + $one->misses, $counted)),
        );
    }

    /**
     * @param list<Entry> $entries
     *
     * @return array<string, int> how many sessions back, the newest 0; a stopped day pushes nothing back
     */
    private static function sessionsBack(array $entries): array
    {
        $back = [];
        $ordinary = 0;
        foreach (array_reverse($entries) as $entry) {
            if (!isset($back[$entry->session])) {
                $back[$entry->session] = $ordinary;
                $ordinary += $entry->stopped ? 0 : 1;
            }
        }

        return $back;
    }
}
