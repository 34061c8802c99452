<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Log;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * An entry is put right, and keeps who did what.
 */
final class EntryHistoryApiTest extends ApiTestCase
{
    public function testKeepsWhoChangedWhatAndWhatStoodThereBefore(): void
    {
        $gym = $this->signInto(name: 'Maren');
        [$kelda, $kwenna] = [$this->newAthlete(), self::id()];
        $this->send('PUT', '/api/athletes/'.$kwenna, self::athlete(['name' => 'Kwenna Roe']));
        $id = $this->logged($kelda, 230, 'miss');
        $this->signInto($gym, Role::Coach, 'Ewan');
        $right = $this->send('PATCH', '/api/attempts/'.$id, ['reps' => 23], self::change(1));
        $this->assertStatus(200);
        self::assertSame([23, 'miss', '23, miss'], [$right['reps'], $right['end'], $right['sentence']]);
        $this->send('POST', "/api/attempts/$id/move", ['athleteId' => $kwenna], self::change(2));
        $this->send('DELETE', '/api/attempts/'.$id, null, self::change(3));
        $history = $this->send('GET', "/api/attempts/$id/history");
        self::assertSame(['made', 'changed', 'changed', 'removed'], array_column($history, 'deed'));
        self::assertSame(['Maren', 'Ewan', 'Ewan', 'Ewan'], array_column($history, 'by'));
        self::assertSame(
            ['what' => 'reps', 'before' => '230', 'after' => '23'],
            array_intersect_key($history[1]['changes'][0], ['what' => 0, 'before' => 0, 'after' => 0]),
        );
        self::assertContains('Kwenna Roe', array_column($history[2]['changes'], 'after'));
    }

    public function testASumHasMissesAndAGoHasAnEnd(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $go = $this->logged($athlete, 20, 'miss');
        $stopped = $this->send('PATCH', '/api/attempts/'.$go, ['end' => 'stopped', 'misses' => 5], self::change(1));
        self::assertSame([20, 0, 'stopped'], [$stopped['reps'], $stopped['misses'], $stopped['end']]);
        $sum = self::id();
        $entry = ['athleteId' => $athlete, 'drill' => 'fifty-calm', 'kind' => 'sum', 'reps' => 40, 'misses' => 6];
        $this->send('PUT', '/api/attempts/'.$sum, $entry);
        $right = $this->send('PATCH', '/api/attempts/'.$sum, ['misses' => 3, 'end' => 'miss'], self::change(1));
        self::assertSame([40, 3, null], [$right['reps'], $right['misses'], $right['end']]);
        $this->send('PATCH', '/api/attempts/'.$sum, ['reps' => -1], self::change(2));
        $this->assertProblem('reps');
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame([3], array_values(array_filter(array_column($today['entries'], 'misses'))), 'the sums follow');
    }

    public function testHelpersPutRightTheirOwnOnly(): void
    {
        $gym = $this->signInto(name: 'Maren');
        $id = $this->logged($this->newAthlete(), 230, 'miss');
        $this->signInto($gym, Role::Helper, 'Jory');
        $this->send('PATCH', '/api/attempts/'.$id, ['reps' => 23], self::change(1));
        $this->assertStatus(403);
        self::assertCount(1, $this->send('GET', "/api/attempts/$id/history"));
    }

    public function testFindsWhatAthletesCountedThemselves(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $this->logged($athlete, 12, 'miss');
        [$card, $secret] = [self::id(), str_repeat('s', 22)];
        $this->send('PUT', '/api/own-cards/'.$card, ['athleteId' => $athlete, 'secret' => $secret]);
        $this->send('POST', '/api/card/entries', [
            'link' => ['gym' => $gym->toRfc4122(), 'card' => $card, 'secret' => $secret],
            'entry' => ['id' => self::id(), 'drill' => 'fifty-calm', 'kind' => 'sum', 'reps' => 9, 'at' => gmdate('Y-m-d\TH:i:s\Z')],
        ]);
        $this->signInto($gym);
        $own = $this->send('GET', '/api/entries?own=yes');
        self::assertSame([9], array_map(static fn (array $one): int => $one['entry']['reps'], $own['entries']));
        self::assertSame(1, $own['totals']['entries']);
        $others = $this->send('GET', '/api/entries?own=no');
        self::assertSame([12], array_map(static fn (array $one): int => $one['entry']['reps'], $others['entries']));
        $this->send('GET', '/api/entries/csv?own=yes');
        self::assertStringContainsString(',yes', $this->body());
        $this->send('GET', '/api/entries?own=perhaps');
        $this->assertStatus(422);
    }

    public function testFindsWhatWasLoggedOverAFaultAndWithARope(): void
    {
        $gym = $this->signInto();
        [$athlete, $other] = [$this->newAthlete(), $this->newAthlete()];
        $this->logged($athlete, 11, 'miss');
        self::connection()->executeStatement('UPDATE attempt SET logged_at = logged_at - INTERVAL 2 DAY WHERE gym_id = ?', [
            $gym->toBinary(),
        ]);
        $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $athlete, 'fault' => 'hands-wide']);
        $this->assertStatus(201);
        $rope = self::id();
        $spec = ['athleteId' => $athlete, 'school' => 'armpit', 'stance' => null, 'handle' => '15', 'family' => 'thick-cord'];
        $this->send('PUT', '/api/ropes/'.$rope, $spec);
        $this->assertStatus(201);
        $this->logged($athlete, 12, 'miss');
        $this->logged($other, 13, 'miss');
        $reps = fn (string $asked): array => array_map(
            static fn (array $one): int => $one['entry']['reps'],
            $this->send('GET', '/api/entries?'.$asked)['entries'],
        );
        self::assertSame([12], $reps('fault=hands-wide'));
        self::assertSame([], $reps('fault=slow-spin'));
        self::assertSame([12], $reps('rope='.$rope));
        self::assertSame([], $reps('rope='.$rope.'&to='.gmdate('Y-m-d', time() - 2 * 86_400)));
        self::assertSame(['hands-wide'], array_column($this->send('GET', '/api/entries?own=no')['faults'], 'code'));
        $this->send('GET', '/api/entries?rope='.self::id());
        $this->assertStatus(404);
    }

    private function logged(string $athlete, int $reps, string $end): string
    {
        $id = self::id();
        $this->send('PUT', '/api/attempts/'.$id, [
            'athleteId' => $athlete,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => $reps,
            'end' => $end,
        ]);
        $this->assertStatus(201);

        return $id;
    }
}
