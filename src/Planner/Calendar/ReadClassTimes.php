<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Psr\Clock\ClockInterface;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Today\ClassTime;

/**
 * Reads the weekly classes out of a calendar file: in the gym's own zone, on the days that repeat, with what is left out named.
 */
final readonly class ReadClassTimes
{
    private const FORM = 'a calendar file (BEGIN:VCALENDAR …) with classes that repeat weekly';
    private const LOOK_AHEAD = '+13 weeks';

    public function __construct(private Gyms $gyms, private ClockInterface $clock)
    {
    }

    /** @throws BadField when it is no calendar file */
    public function of(string $text): ClassTimesReadView
    {
        try {
            $calendar = Reader::read($text);
        } catch (ParseException $e) {
            throw BadField::of('text', mb_substr($text, 0, 40), self::FORM);
        }
        if (!$calendar instanceof VCalendar) {
            throw BadField::of('text', mb_substr($text, 0, 40), self::FORM);
        }
        $zone = new \DateTimeZone($this->gyms->current()->timeZone());
        $lines = $notes = [];
        foreach ($calendar->select('VEVENT') as $event) {
            \assert($event instanceof VEvent);
            [$found, $said] = $this->ofEvent($event, $calendar, $zone);
            $lines = [...$lines, ...$found];
            $notes = [...$notes, ...$said];
        }

        return new ClassTimesReadView(implode("\n", array_values(array_unique($lines))), array_values(array_unique($notes)));
    }

    /**
     * @return array{list<string>, list<string>}
     */
    private function ofEvent(VEvent $event, VCalendar $calendar, \DateTimeZone $zone): array
    {
        $name = trim(self::value($event, 'SUMMARY'));
        $rule = strtoupper(self::value($event, 'RRULE'));
        $called = '' === $name ? 'An event' : $name;
        if (!str_contains($rule, 'FREQ=WEEKLY') || 1 === preg_match('/INTERVAL=(?!1\b)\d/', $rule)) {
            return [[], [\sprintf('%s does not repeat every week: left out', $called)]];
        }
        $lines = [];
        foreach ($this->timesOf($event, $calendar, $zone) as $starts) {
            $minute = 60 * (int) $starts->format('G') + (int) $starts->format('i');
            $lines[] = (new ClassTime((int) $starts->format('N'), $minute, $name))->written();
        }
        $notes = [] === $lines ? [\sprintf('%s is over: left out', $called)] : [];
        foreach (self::dates($event, 'EXDATE', $zone) as $day) {
            $notes[] = \sprintf('%s: not on %s', $called, $day->format('j F Y'));
        }

        return [array_values(array_unique($lines)), $notes];
    }

    /**
     * What repeats is asked of the library, so that zones, days and ends are read as every calendar reads them.
     *
     * @return list<\DateTimeImmutable> in the gym's zone
     */
    private function timesOf(VEvent $event, VCalendar $calendar, \DateTimeZone $zone): array
    {
        $alone = new VCalendar();
        foreach ([...$calendar->select('VTIMEZONE'), $event] as $part) {
            if ($part instanceof Component) {
                $alone->add(clone $part);
            }
        }
        $now = \DateTimeImmutable::createFromInterface($this->clock->now());
        $times = [];
        foreach ($alone->expand($now, $now->modify(self::LOOK_AHEAD), $zone)->select('VEVENT') as $one) {
            $times = $one instanceof VEvent ? [...$times, ...self::dates($one, 'DTSTART', $zone)] : $times;
        }

        return $times;
    }

    private static function value(VEvent $event, string $name): string
    {
        $first = $event->select($name)[0] ?? null;

        return $first instanceof Property ? (string) $first : '';
    }

    /**
     * @return list<\DateTimeImmutable>
     */
    private static function dates(VEvent $event, string $name, \DateTimeZone $zone): array
    {
        $dates = [];
        foreach ($event->select($name) as $property) {
            foreach ($property instanceof DateTime ? $property->getDateTimes($zone) : [] as $date) {
                $dates[] = \DateTimeImmutable::createFromInterface($date)->setTimezone($zone);
            }
        }

        return $dates;
    }
}
