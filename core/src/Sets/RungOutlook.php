<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Rhythm\Pattern;

/**
 * One rung of a ladder for one athlete.
 */
final readonly class RungOutlook
{
    private const OUT_OF_REACH = 0.05;

    public function __construct(
        public Pattern $pattern,
        /** Of making it unbroken at one try. */
        public float $chance,
        /** Without a miss. */
        public float $cleanS,
        /** With the misses that are to be expected. */
        public float $expectedS,
        /** Jumps that count, those of failed tries included. */
        public float $expectedJumps,
    ) {
    }

    /** Made less than once in twenty tries: not today (our assumption). */
    public function isOutOfReach(): bool
    {
        return $this->chance < self::OUT_OF_REACH;
    }
}
