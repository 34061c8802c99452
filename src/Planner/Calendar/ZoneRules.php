<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Sabre\VObject\Component\VCalendar;

/**
 * Tells a calendar when the clocks of a zone change (VTIMEZONE, RFC 5545 §3.6.5), one by one for some years: the kept library
 * leaves it to its user.
 */
final class ZoneRules
{
    private const YEARS = 4;

    public static function add(VCalendar $calendar, \DateTimeZone $zone, \DateTimeImmutable $from): void
    {
        $rules = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()]);
        $until = $from->modify('+'.self::YEARS.' years');
        $transitions = $zone->getTransitions($from->modify('-1 year')->getTimestamp(), $until->getTimestamp());
        $before = $transitions[0]['offset'] ?? 0;
        foreach (\array_slice($transitions, 0, 1) === $transitions ? $transitions : \array_slice($transitions, 1) as $one) {
            $change = $calendar->createComponent($one['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                // Local time as it was right before the change.
                'DTSTART' => gmdate('Ymd\THis', $one['ts'] + $before),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($one['offset']),
                'TZNAME' => $one['abbr'],
            ]);
            $rules->add($change);
            $before = $one['offset'];
        }
        $calendar->add($rules);
    }

    private static function offset(int $seconds): string
    {
        return \sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds) % 3600, 60));
    }
}
