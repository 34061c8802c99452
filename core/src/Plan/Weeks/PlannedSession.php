<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

/**
 * One day's work.
 */
final readonly class PlannedSession
{
    public function __construct(
        /** 1 is Monday, 7 Sunday. */
        public int $day,
        public SessionKind $kind,
        public int $minutes,
        /** At most. */
        public int $contacts,
    ) {
    }
}
