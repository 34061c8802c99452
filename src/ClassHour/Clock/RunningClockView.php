<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

/**
 * The clock that runs, or that none does.
 */
final readonly class RunningClockView
{
    public function __construct(
        /** Null: none runs. */
        public ?ClassClockView $clock,
        /** The server's clock as this was answered: milliseconds since 1970. */
        public int $nowMs,
        /** The revision this was read at, for the change feed. */
        public int $revision,
    ) {
    }
}
