<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Rhythm\RhythmReport;

/**
 * A take as one entry of the log, as a drill counts it: of its highest kind of jump the reps, and the misses; seconds
 * for a timed hold. Where no turns were measured, every jump is a rep.
 */
final readonly class TakeEntry
{
    private function __construct(
        public CountKind $countKind,
        public int $reps,
        public int $misses,
        /** Several goes in one: a take that went on after a miss is no single streak. */
        public bool $summed,
    ) {
    }

    public static function of(RhythmReport $reading, CountKind $countKind): self
    {
        $misses =
            0 === $reading->turns
                ? 0
                : \count(
                    array_filter($reading->streaks, static fn (array $streak): bool => 'miss' === $streak['ended']),
                );
        $reps = CountKind::Hold === $countKind ? (int) round($reading->seconds) : self::reps($reading);

        return new self(
            $countKind,
            $reps,
            $misses,
            CountKind::Streak === $countKind && $misses > 0 && \count($reading->streaks) > 1,
        );
    }

    private static function reps(RhythmReport $reading): int
    {
        if (0 === $reading->turns) {
            return \count($reading->passes);
        }

        return \count(array_keys($reading->passes, max([0, ...$reading->passes]), true));
    }
}
