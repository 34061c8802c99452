<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

/**
 * Somebody under the clock: a first name, and on coaches' screens who it is.
 */
final readonly class ClockPersonView
{
    public function __construct(
        public string $firstName,
        /** Null on the athletes' own screens. */
        public ?string $id,
    ) {
    }
}
