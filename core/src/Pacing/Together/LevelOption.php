<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Together;

/**
 * One number that somebody may do of a workout.
 */
final readonly class LevelOption
{
    public function __construct(
        /** Doubles at each station at most; of tries: seconds. */
        public int $number,
        public bool $tries,
        /** In the whole workout, on average. */
        public float $doubles,
        public float $expectedS,
        /** Doubles, or tries, fewer than the workout asks, in all of it. */
        public float $change,
        /** Landings of its doubles and of the missed ones, on average. */
        public float $contacts = 0.0,
    ) {
    }
}
