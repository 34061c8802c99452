<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Clock;

/**
 * The calendar day at a place, as midnight UTC of that date: how `local_day` columns are written.
 */
final class LocalDay
{
    /**
     * @param string $timeZone IANA name
     */
    public static function of(\DateTimeImmutable $instant, string $timeZone): \DateTimeImmutable
    {
        $date = $instant->setTimezone(new \DateTimeZone($timeZone))->format('Y-m-d');

        return new \DateTimeImmutable($date.' 00:00:00', new \DateTimeZone('UTC'));
    }

    /**
     * The instant at which it begins there.
     *
     * @param string $timeZone IANA name
     */
    public static function beginOf(\DateTimeImmutable $instant, string $timeZone): \DateTimeImmutable
    {
        return $instant->setTimezone(new \DateTimeZone($timeZone))->setTime(0, 0)->setTimezone(new \DateTimeZone('UTC'));
    }

    /**
     * The instant at which it is noon there, on a calendar day.
     *
     * @param string $timeZone IANA name
     */
    public static function noonOf(\DateTimeImmutable $localDay, string $timeZone): \DateTimeImmutable
    {
        $noon = new \DateTimeImmutable($localDay->format('Y-m-d').' 12:00:00', new \DateTimeZone($timeZone));

        return $noon->setTimezone(new \DateTimeZone('UTC'));
    }

    /** @param string $timeZone IANA name */
    public static function areSame(\DateTimeImmutable $one, \DateTimeImmutable $other, string $timeZone): bool
    {
        return self::of($one, $timeZone)->getTimestamp() === self::of($other, $timeZone)->getTimestamp();
    }
}
