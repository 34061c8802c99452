<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Calendar;

use Psr\Clock\ClockInterface;
use Sabre\VObject\Component\VCalendar;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Planner\Weeks\ReadWeeks;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\PlannedWeek;
use Zumbo\Core\Plan\Weeks\WeeksPlan;
use Zumbo\Core\Today\ClassTime;

/**
 * The classes of the gym, or the days of one athlete, as a calendar file (iCalendar, RFC 5545). It holds a first name, days and
 * what kind of work: no health, no numbers of the body.
 */
final readonly class WriteCalendar
{
    private const CLASS_MIN = 60;
    private const PRODUCT = '-//Zumbo//Plan//EN';

    /** At home it has no hour: a day is enough. */
    private const DAY = 'Ymd';

    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private ReadWeeks $weeks,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function ofTheGym(): string
    {
        $gym = $this->gyms->current();
        [$calendar, $day, $zone] = $this->begin($gym, $gym->name());
        foreach ($gym->classTimes()->times as $time) {
            $this->addClass($calendar, $gym, $time, $day, $zone);
        }

        return $calendar->serialize();
    }

    /** @throws UnknownRow when this gym has no such athlete */
    public function ofAthlete(Uuid $id): string
    {
        $gym = $this->gyms->current();
        $one = $this->judge->athlete($this->athletes->get($id));
        $name = $one->athlete->profile()->firstName();
        [$calendar, $day, $zone] = $this->begin($gym, $name);
        $monday = ReadWeeks::monday($day);
        foreach (WeeksPlan::of($this->weeks->of($one, $gym))->weeks as $i => $week) {
            foreach ($week->sessions as $session) {
                $on = $monday->modify(\sprintf('+%d days', 7 * $i + $session->day - 1));
                if ($on >= $day) {
                    $this->addSession($calendar, $gym, $one, $session, $week, $on, $zone);
                }
            }
        }

        return $calendar->serialize();
    }

    /**
     * @return array{VCalendar, \DateTimeImmutable, \DateTimeZone}
     */
    private function begin(Gym $gym, string $name): array
    {
        $zone = new \DateTimeZone($gym->timeZone());
        $day = LocalDay::of($this->clock->now(), $gym->timeZone());
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'X-WR-CALNAME' => $name, 'REFRESH-INTERVAL;VALUE=DURATION' => 'PT12H']);
        ZoneRules::add($calendar, $zone, $this->clock->now());

        return [$calendar, $day, $zone];
    }

    private function addClass(VCalendar $calendar, Gym $gym, ClassTime $time, \DateTimeImmutable $day, \DateTimeZone $zone): void
    {
        $first = $day->modify(\sprintf('+%d days', ($time->weekday - (int) $day->format('N') + 7) % 7));
        $starts = self::at($first, $time->minute, $zone);
        $calendar->add('VEVENT', [
            'UID' => \sprintf('class-%d-%d@%s', $time->weekday, $time->minute, $gym->id()->toRfc4122()),
            'DTSTAMP' => $this->stamp(),
            'DTSTART' => $starts,
            'DTEND' => $starts->modify('+'.self::CLASS_MIN.' minutes'),
            'RRULE' => 'FREQ=WEEKLY',
            'SUMMARY' => '' === $time->name ? 'Class' : $time->name,
            'LOCATION' => $gym->name(),
        ]);
    }

    private function addSession(
        VCalendar $calendar,
        Gym $gym,
        Judged $one,
        PlannedSession $session,
        PlannedWeek $week,
        \DateTimeImmutable $on,
        \DateTimeZone $zone,
    ): void {
        $class = $session->kind->isInClass() ? $gym->classTimes()->on($on)[0] ?? null : null;
        $event = $calendar->createComponent('VEVENT', [
            'UID' => \sprintf('day-%s-%s@%s', $on->format(self::DAY), $one->athlete->id()->toRfc4122(), $gym->id()->toRfc4122()),
            'DTSTAMP' => $this->stamp(),
            'SUMMARY' => MessageCatalogue::name(Term::of($session->kind)),
            'DESCRIPTION' => self::work($session, $week),
        ]);
        $calendar->add($event);
        if (null === $class) {
            $event->add('DTSTART', $on->format(self::DAY), ['VALUE' => 'DATE']);

            return;
        }
        $starts = self::at($on, $class->minute, $zone);
        $event->add('DTSTART', $starts);
        $event->add('DTEND', $starts->modify('+'.$session->minutes.' minutes'));
    }

    private static function work(PlannedSession $session, PlannedWeek $week): string
    {
        $easier = $week->isEasier ? ': an easier week' : '';

        return $session->contacts > 0
            ? \sprintf('%d minutes, at most %d contacts%s', $session->minutes, $session->contacts, $easier)
            : \sprintf('%d minutes of hands, beat and claps', $session->minutes);
    }

    private function stamp(): \DateTimeImmutable
    {
        return \DateTimeImmutable::createFromInterface($this->clock->now())->setTimezone(new \DateTimeZone('UTC'));
    }

    private static function at(\DateTimeImmutable $day, int $minute, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable(\sprintf('%s %02d:%02d', $day->format('Y-m-d'), intdiv($minute, 60), $minute % 60), $zone);
    }
}
