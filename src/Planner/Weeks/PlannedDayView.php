<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Zumbo\Core\Plan\Weeks\SessionKind;

/**
 * What one day holds.
 */
final readonly class PlannedDayView
{
    public function __construct(
        /** YYYY-MM-DD. */
        public string $on,
        /** 1 is Monday. */
        public int $weekday,
        public SessionKind $kind,
        public int $minutes,
        /** At most. */
        public int $contacts,
    ) {
    }
}
