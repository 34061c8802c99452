<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Rhythm\RhythmReading;

/**
 * A take as one entry of the log, as a drill counts it: of its highest kind of jump the reps, and the misses; seconds for a
 * timed hold. Where no turns were measured, every jump is a rep.
 */
final readonly class TakeEntry
{
    private function __construct(
        public Measure $measure,
        public int $reps,
        public int $misses,
        /** Several goes in one: a take that went on after a miss is no single streak. */
        public bool $summed,
    ) {
    }

    public static function of(RhythmReading $reading, Measure $measure): self
    {
        $misses = 0 === $reading->turns ? 0 : \count(array_filter($reading->streaks, static fn (array $streak): bool => 'miss' === $streak['ended']));
        $reps = Measure::Hold === $measure ? (int) round($reading->seconds) : self::reps($reading);

        return new self($measure, $reps, $misses, Measure::Streak === $measure && $misses > 0 && \count($reading->streaks) > 1);
    }

    private static function reps(RhythmReading $reading): int
    {
        if (0 === $reading->turns) {
            return \count($reading->passes);
        }

        return \count(array_keys($reading->passes, max([0, ...$reading->passes]), true));
    }
}
