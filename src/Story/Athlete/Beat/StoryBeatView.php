<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete\Beat;

/**
 * The beat of one take that was logged.
 */
final readonly class StoryBeatView
{
    public function __construct(
        public string $day,
        /** Jumps a minute. */
        public float $cadence,
        /** What the drill asks; null: none. */
        public ?float $asked,
        /** From jump to jump, as a share of the interval. */
        public float $variation,
        /** The smooth line at this take, jumps a minute above what is asked; null: too few takes, or nothing is asked. */
        public ?float $line,
        /** The same of the variation. */
        public ?float $evenLine,
    ) {
    }
}
