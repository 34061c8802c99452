<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\ClassHour\Here\GuestsGoHome;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Who is in the hall tonight.
 */
final class AttendanceApiTest extends ApiTestCase
{
    public function testWhoIsMarkedLeavesTheHallAndComesBack(): void
    {
        $this->signInto();
        $ilse = $this->newAthlete();
        self::assertSame([['Ilse'], []], $this->hall());
        $id = self::id();
        foreach ([1, 2] as $time) {
            $this->send('PUT', '/api/attendance/'.$id, ['athleteId' => $ilse, 'mark' => 'away']);
            $this->assertStatus(204);
        }
        self::assertSame([[], ['Ilse: not here tonight']], $this->hall());
        $this->mark($ilse, 'here');
        self::assertSame([['Ilse'], []], $this->hall());
        $this->log($ilse);
        $this->mark($ilse, 'away');
        self::assertSame([['Ilse'], []], $this->hall(), 'whoever jumps is here');
        $this->mark($ilse, 'left');
        self::assertSame([[], ['Ilse: left early']], $this->hall());
        $this->send('PUT', '/api/attendance/'.self::id(), ['athleteId' => $ilse, 'mark' => 'late']);
        $this->assertProblem('mark');
    }

    public function testWhoWasNotSeenForWeeksIsNotExpected(): void
    {
        $gym = $this->signInto();
        $ilse = $this->newAthlete();
        $this->log($ilse);
        $this->practised($gym, '-21 days');
        self::assertSame([['Ilse'], []], $this->hall());
        $this->practised($gym, '-35 days');
        self::assertSame([[], ['Ilse: not seen for 5 weeks']], $this->hall());
        $this->mark($ilse, 'here');
        self::assertSame([['Ilse'], []], $this->hall());
    }

    public function testAGuestIsInTheHallForAnEveningAndGoesHome(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $body = ['name' => 'Enna', 'height' => '171'];
        $this->send('PUT', '/api/guests/'.$id, $body);
        $this->assertStatus(201);
        $this->send('PUT', '/api/guests/'.$id, $body);
        $this->assertStatus(200);
        $class = $this->send('GET', '/api/class')['athletes'];
        self::assertSame([['Enna', true, 'e']], array_map(
            static fn (array $one): array => [$one['firstName'], $one['guest'], $one['tag']],
            $class,
        ));
        $this->log($id);
        $this->choresOf($gym);
        self::assertSame([true], array_column($this->send('GET', '/api/athletes'), 'guest'), 'the evening is not over');
        $this->guestOn($id, '-1 day');
        $this->choresOf($gym);
        self::assertSame([], $this->send('GET', '/api/athletes'));
        self::assertSame(200, $this->answered('GET', '/api/athletes/'.$id), 'what they did is kept');
        $this->guestOn($id, '-15 days');
        $this->choresOf($gym);
        self::assertSame(404, $this->answered('GET', '/api/athletes/'.$id));
    }

    public function testAGuestWhoJoinsStaysForGood(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/guests/'.$id, ['name' => 'Enna', 'height' => '171']);
        $this->guestOn($id, '-3 days');
        $this->choresOf($gym);
        $version = $this->send('GET', '/api/athletes/'.$id)['version'];
        self::assertNull($this->send('POST', '/api/guests/'.$id.'/join', null, self::change($version))['guestOn']);
        $this->choresOf($gym);
        self::assertSame(['Enna' => false], array_column($this->send('GET', '/api/athletes'), 'guest', 'name'));
        $this->send('PUT', '/api/guests/'.self::id(), ['name' => 'Enna', 'height' => 'tall']);
        $this->assertProblem('height');
    }

    /**
     * @return array{list<string>, list<string>} who is in the hall, and who is not with the reason
     */
    private function hall(): array
    {
        $class = $this->send('GET', '/api/class');

        return [
            array_column($class['athletes'], 'firstName'),
            array_map(static fn (array $one): string => $one['firstName'].': '.$one['why'], array_values($class['absent'])),
        ];
    }

    private function mark(string $athlete, string $mark): void
    {
        $this->send('PUT', '/api/attendance/'.self::id(), ['athleteId' => $athlete, 'mark' => $mark]);
        $this->assertStatus(204);
    }

    private function log(string $athlete): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => 23,
            'end' => 'miss',
        ]);
        $this->assertStatus(201);
    }

    /** Their only practice was then. */
    private function practised(Uuid $gym, string $when): void
    {
        $day = gmdate('Y-m-d', (int) strtotime($when));
        foreach (['practice', 'day_sum'] as $table) {
            self::connection()->executeStatement("UPDATE $table SET local_day = ? WHERE gym_id = ?", [$day, $gym->toBinary()]);
        }
        self::connection()->executeStatement('UPDATE attempt SET logged_at = ? WHERE gym_id = ?', [$day.' 18:00:00', $gym->toBinary()]);
        self::recount($gym);
        self::connection()->executeStatement('UPDATE gym SET revision = revision + 1 WHERE id = ?', [$gym->toBinary()]);
    }

    private function guestOn(string $id, string $when): void
    {
        self::connection()->executeStatement('UPDATE athlete SET guest_on = ? WHERE id = ?', [
            gmdate('Y-m-d', (int) strtotime($when)),
            Uuid::fromString($id)->toBinary(),
        ]);
    }

    private function choresOf(Uuid $gym): void
    {
        self::service(GymScope::class)->leave();
        self::service(GymScope::class)->enter($gym);
        self::service(GuestsGoHome::class)->doIt();
        self::service(GymScope::class)->leave();
    }

    private function answered(string $method, string $path): int
    {
        $this->send($method, $path);

        return $this->response()->getStatusCode();
    }
}
