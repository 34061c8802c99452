<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

/**
 * What somebody does so that all end together.
 */
final readonly class LevelView
{
    public function __construct(
        /** Doubles at each station at most; of tries: seconds. */
        public int $number,
        public bool $tries,
        public int $doubles,
        public float $expectedS,
        /** Doubles fewer than they would do. */
        public int $change,
        /** No number brings them in. */
        public bool $outside,
    ) {
    }
}
