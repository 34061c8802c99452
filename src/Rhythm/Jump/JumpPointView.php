<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

/**
 * A height, with the least rate that gets the rope through, and the rate of an even turn.
 */
final readonly class JumpPointView
{
    public function __construct(
        public float $jumpM,
        /** Null: the feet are never high enough. */
        public ?float $leastTurnsPerMin,
        public float $evenTurnsPerMin,
    ) {
    }
}
