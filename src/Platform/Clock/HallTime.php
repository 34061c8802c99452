<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Clock;

/**
 * Milliseconds since 1970 as the machine counts them: what clocks in a hall are set by. It goes on also where the day of the
 * application stands still, and is never shown as a date.
 */
final class HallTime
{
    public function nowMs(): int
    {
        return (int) floor(1000 * microtime(true));
    }
}
