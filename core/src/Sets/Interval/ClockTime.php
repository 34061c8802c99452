<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * Seconds as a coach writes them: 20, or 1:30.
 */
final class ClockTime
{
    /** Up to a minute and a half one says seconds. */
    public static function written(int $seconds): string
    {
        return $seconds <= 90 ? (string) $seconds : \sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }

    /** @throws IntervalError naming the part that can't be read */
    public static function read(string $part, string $written): int
    {
        if (1 === preg_match('/^(\d{1,2}):([0-5]\d)$/', $written, $found)) {
            return 60 * (int) $found[1] + (int) $found[2];
        }

        return 1 === preg_match('/^\d{1,4}$/', $written)
            ? (int) $written
            : throw IntervalError::of($part, $written, 'seconds like 20, or minutes and seconds like 1:30');
    }
}
