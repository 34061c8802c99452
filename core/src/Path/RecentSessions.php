<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

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
     * @param list<SessionSum> $sessions the newest last
     */
    public static function of(Prior $prior, array $sessions): self
    {
        $back = self::sessionsBack($sessions);
        $all = self::among($prior, $sessions, $back);
        $last = self::among($prior, array_filter(
            $sessions,
            static fn (int $i): bool => $back[$i] < self::LAST,
            \ARRAY_FILTER_USE_KEY,
        ), $back);
        $differs = $last->posterior->excludes($all->posterior->chance->mean(), self::SURE);

        return $differs && $last->entries >= self::LEAST_ENTRIES ? $last : $all;
    }

    /**
     * @param array<int, SessionSum> $sessions
     * @param array<int, int>        $back
     */
    private static function among(Prior $prior, array $sessions, array $back): self
    {
        $successes = $misses = 0.0;
        $attempts = $entries = 0;
        $summed = false;
        foreach ($sessions as $i => $session) {
            $weight = self::PER_SESSION ** $back[$i] * $session->share();
            $successes += $weight * $session->successes;
            $misses += $weight * $session->misses;
            $attempts += $session->successes + $session->misses;
            $entries += $session->entries;
            $summed = $summed || $session->summed;
        }

        return new self(
            Posterior::ofSums($prior, $successes, $misses, $entries, $summed),
            \count($sessions),
            $entries,
            $attempts,
        );
    }

    /**
     * @param list<SessionSum> $sessions
     *
     * @return array<int, int> how many sessions back, the newest 0; a stopped day pushes nothing back
     */
    private static function sessionsBack(array $sessions): array
    {
        $back = [];
        $ordinary = 0;
        foreach (array_reverse($sessions, true) as $i => $session) {
            $back[$i] = $ordinary;
            $ordinary += $session->stopped ? 0 : 1;
        }

        return $back;
    }
}
