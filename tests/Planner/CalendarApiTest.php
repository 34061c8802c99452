<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Planner;

use Zumbo\App\Tests\ApiTestCase;

final class CalendarApiTest extends ApiTestCase
{
    private const SECRET = 'abcdefghijklmnopqrstuvwx';

    public function testClassesGoOutAndAreReadBackByAnotherParser(): void
    {
        $this->signInto();
        $this->classTimes("Tue 18:30 Evening, class; with a very long name that has to be folded\nSat 09:00");
        $text = $this->text('/api/calendar.ics');
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, \strlen($line), 'folded at 75 octets (RFC 5545, 3.1)');
        }
        $read = self::readElsewhere($text);
        self::assertSame(['Class', 'Evening, class; with a very long name that has to be folded'], array_column($read, 'summary'));
        self::assertSame(['FREQ=WEEKLY', 'FREQ=WEEKLY'], array_column($read, 'rule'));
        $first = array_map(static fn (array $one): array => [$one['times'][0]['clock'], $one['times'][0]['weekday']], $read);
        self::assertSame([['09:00', 6], ['18:30', 2]], $first);
    }

    public function testARepeatStaysAtItsHourOverBothChangesOfTheClocks(): void
    {
        $this->signInto();
        $this->classTimes('Sun 10:00 Sunday class');
        $times = self::readElsewhere($this->text('/api/calendar.ics'))[0]['times'];
        self::assertSame(['10:00'], array_values(array_unique(array_column($times, 'clock'))));
        self::assertCount(60, $times, 'more than a year of Sundays, so both changes');
        $zone = new \DateTimeZone('Europe/London');
        $offsets = [];
        foreach ($times as ['utc' => $utc]) {
            $local = (new \DateTimeImmutable('@'.$utc))->setTimezone($zone);
            self::assertSame('10:00', $local->format('H:i'), 'by the rules in the file it is ten in the hall on '.$local->format('j F'));
            $offsets[$local->getOffset()] = true;
        }
        self::assertEqualsCanonicalizing([0, 3600], array_keys($offsets), 'summer and winter');
    }

    public function testTheDaysOfAnAthleteHoldNoHealth(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        $text = str_replace("\r\n ", '', $this->text("/api/athletes/$id/calendar.ics"));
        self::assertStringContainsString('without jumps', $text);
        foreach (['shin', 'pain', 'Tannow', '168'] as $private) {
            self::assertStringNotContainsStringIgnoringCase($private, $text);
        }
    }

    public function testAPrivateAddressIsReadWithoutAnAccountUntilItIsTakenBack(): void
    {
        $this->signInto();
        $id = self::id();
        $links = $this->send('PUT', '/api/calendar-links/'.$id, ['secret' => self::SECRET]);
        $path = $links['links'][0]['path'];
        $this->send('POST', '/api/sign-out');
        self::assertStringContainsString('BEGIN:VCALENDAR', $this->text($path));
        $this->send('GET', str_replace(self::SECRET, strrev(self::SECRET), $path));
        $this->assertStatus(404);
        $this->signInto();
        $this->send('GET', $path);
        $this->assertStatus(200);
    }

    public function testTakenBackItIsDead(): void
    {
        $this->signInto();
        $id = self::id();
        $path = $this->send('PUT', '/api/calendar-links/'.$id, ['secret' => self::SECRET])['links'][0]['path'];
        $left = $this->send('DELETE', '/api/calendar-links/'.$id, null, self::change(1));
        self::assertSame([], $left['links']);
        $this->send('GET', $path);
        $this->assertStatus(404);
    }

    public function testClassesComeInWithZonesRepeatsAndExceptions(): void
    {
        $this->signInto();
        $monday = (new \DateTimeImmutable('next monday'))->format('Ymd');
        $lines = [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//somebody//else//EN',
            'BEGIN:VEVENT', 'UID:a', 'DTSTAMP:20260101T000000Z', 'SUMMARY:Kids', "DTSTART;TZID=Europe/Berlin:{$monday}T170000",
            'RRULE:FREQ=WEEKLY;BYDAY=MO,WE', "EXDATE;TZID=Europe/Berlin:{$monday}T170000", 'END:VEVENT',
            'BEGIN:VEVENT', 'UID:b', 'DTSTAMP:20260101T000000Z', 'SUMMARY:Party', "DTSTART:{$monday}T200000Z", 'END:VEVENT',
            'END:VCALENDAR', '',
        ];
        $read = $this->send('POST', '/api/class-times', ['text' => implode("\r\n", $lines)]);
        self::assertCount(2, explode("\n", $read['classTimes']));
        self::assertStringContainsString('Kids', $read['classTimes']);
        self::assertCount(2, $read['notes'], 'the exception, and the party');
        $this->send('POST', '/api/class-times', ['text' => 'Tue 18:30']);
        $this->assertProblem('text');
    }

    private function classTimes(string $lines): void
    {
        $gym = $this->send('GET', '/api/me')['gym'];
        $this->send('PATCH', '/api/gym', ['classTimes' => $lines], self::change($gym['version']));
        $this->assertStatus(200);
    }

    private function text(string $path): string
    {
        $this->send('GET', $path);
        $this->assertStatus(200);

        return (string) $this->response()->getContent();
    }

    /**
     * By ical.js, which shares nothing with what wrote it.
     *
     * @return list<array<string, mixed>>
     */
    private static function readElsewhere(string $text): array
    {
        $script = \dirname(__DIR__, 2).'/web/scripts/read-calendar.mjs';
        $process = proc_open(['node', $script], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $text);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), $error);
        $read = json_decode($out, true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($read);

        return array_values($read);
    }
}
