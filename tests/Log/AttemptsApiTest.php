<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

final class AttemptsApiTest extends ApiTestCase
{
    /**
     * @param array<string, mixed> $with
     */
    #[DataProvider('entries')]
    public function testLogsWhatACoachCounts(array $with, string $sentence): void
    {
        $this->signInto();
        $entry = $this->log($this->newAthlete(), $with);
        $this->assertStatus(201);
        self::assertSame($sentence, $entry['sentence']);
        self::assertSame($entry, $this->send('GET', '/api/attempts/'.$entry['id']));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function entries(): iterable
    {
        yield 'a go that ended by a miss' => [['reps' => 23, 'end' => 'miss'], '23, miss'];
        yield 'a go stopped on purpose' => [['reps' => 14, 'end' => 'stopped'], '14, stopped'];
        yield 'a go until time' => [['reps' => 40, 'end' => 'time'], '40, time'];
        yield 'tries' => [['kind' => 'tries', 'reps' => 8, 'misses' => 2, 'end' => null], '8 clean of 10'];
        yield 'a hold' => [['kind' => 'hold', 'reps' => 30, 'misses' => 1, 'end' => null], '30 s, misses: 1'];
        yield 'the sum of a set' => [
            ['kind' => 'sum', 'reps' => 140, 'misses' => 6, 'end' => null],
            '140 reps, misses: 6',
        ];
    }

    /**
     * @param array<string, mixed> $with
     */
    #[DataProvider('badEntries')]
    public function testBadEntriesAreNamed(array $with, string $field): void
    {
        $gym = $this->signInto();
        $problem = $this->log($this->newAthlete(), $with);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
        self::assertNotSame('', $problem['errors'][0]['accepted']);
        self::assertSame(
            0,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM practice WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function badEntries(): iterable
    {
        yield 'negative' => [['reps' => -1], 'reps'];
        yield 'absurd' => [['reps' => 10_000], 'reps'];
        yield 'no number' => [['reps' => '23'], 'reps'];
        yield 'a go without an end' => [['end' => null], 'end'];
        yield 'an unknown end' => [['end' => 'lightning'], 'end'];
        yield 'an unknown kind' => [['kind' => 'dance'], 'kind'];
        yield 'an unknown drill' => [['drill' => 'moonwalk'], 'drill'];
        yield 'tomorrow' => [['at' => '2999-01-01T00:00:00Z'], 'at'];
        yield 'a time without a zone' => [['at' => '2026-11-24 18:42'], 'at'];
        yield 'nobody' => [['athleteId' => '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f'], 'athleteId'];
    }

    public function testTheSameEntryTwiceCountsOnce(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $id = self::id();
        $this->send('PUT', '/api/attempts/'.$id, self::entry($athlete));
        $this->send('PUT', '/api/attempts/'.$id, self::entry($athlete));
        $this->assertStatus(200);
        self::assertCount(1, $this->send('GET', "/api/athletes/$athlete/today")['entries']);
        $this->send('PUT', '/api/attempts/'.$id, self::entry($athlete, ['reps' => 24]));
        $this->assertStatus(409);
    }

    public function testOneDayIsOnePracticeAndOneDrillOneSet(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $this->log($athlete);
        $this->log($athlete);
        $this->log($athlete, ['drill' => 'one-minute', 'kind' => 'hold', 'end' => null]);
        $count = static fn (string $table): int => (int) self::connection()->fetchOne(
            "SELECT COUNT(*) FROM $table WHERE gym_id = ?",
            [$gym->toBinary()],
        );
        self::assertSame([1, 2, 3], [$count('practice'), $count('practice_set'), $count('attempt')]);
    }

    /** At 00:30 in Auckland the evening before in UTC is already the next day. */
    public function testTheDayIsTheGymsOwn(): void
    {
        $gym = $this->signInto();
        self::connection()->update('gym', ['time_zone' => 'Pacific/Auckland'], ['id' => $gym->toBinary()]);
        $this->log($this->newAthlete(), ['at' => '2026-11-23T11:30:00Z']);
        self::assertSame(
            '2026-11-24',
            self::connection()->fetchOne('SELECT local_day FROM practice WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    public function testAnEntryIsJudgedTakenBackAndBroughtBack(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $entry = $this->log($athlete);
        $path = '/api/attempts/'.$entry['id'];
        self::assertFalse($this->send('PATCH', $path, ['clean' => false], self::change(1))['clean']);
        self::assertTrue($this->send('DELETE', $path, null, self::change(2))['removed']);
        self::assertSame([], $this->send('GET', "/api/athletes/$athlete/today")['entries']);
        self::assertFalse($this->send('POST', $path.'/restore', null, self::change(3))['removed']);
        $this->send('DELETE', $path, null, self::change(1));
        $this->assertStatus(409);
    }

    public function testHelpersLogToo(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $this->signInto($gym, Role::Helper);
        $this->log($athlete);
        $this->assertStatus(201);
    }

    public function testAHelperChangesOnlyWhatTheyWrote(): void
    {
        $gym = $this->signInto();
        $athlete = $this->newAthlete();
        $coachs = '/api/attempts/'.$this->log($athlete)['id'];
        $this->signInto($gym, Role::Helper, 'Jory');
        $own = $this->log($athlete, ['reps' => 5]);
        self::assertSame('Jory', $own['loggedBy']);
        foreach (['DELETE', 'PATCH', 'POST /keep', 'POST /move'] as $what) {
            [$method, $verb] = explode(' ', $what.' ');
            $body = ['PATCH' => ['clean' => false], 'POST /move' => ['athleteId' => $athlete]][$what] ?? null;
            $refused = $this->send($method, $coachs.$verb, $body, self::change(1));
            $this->assertStatus(403);
            self::assertStringContainsString('a helper changes only what they wrote', $refused['detail']);
        }
        $this->send('DELETE', '/api/attempts/'.$own['id'], null, self::change(1));
        $this->assertStatus(200);
    }

    public function testAnEntryIsMovedToWhoseItIs(): void
    {
        $this->signInto();
        $one = $this->newAthlete();
        $other = self::id();
        $this->send('PUT', '/api/athletes/'.$other, self::athlete(['name' => 'Wanda Kay', 'experience' => 'some-doubles']));
        $entry = $this->log($one);
        $path = '/api/attempts/'.$entry['id'].'/move';
        $this->send('POST', $path, ['athleteId' => self::id()], self::change(1));
        $this->assertProblem('athleteId');
        $moved = $this->send('POST', $path, ['athleteId' => $other], self::change(1));
        self::assertSame([$other, 'fifty-calm', 2], [$moved['athleteId'], $moved['drill'], $moved['version']]);
        self::assertSame([], $this->send('GET', "/api/athletes/$one/today")['entries']);
        self::assertSame([$entry['id']], array_column($this->send('GET', "/api/athletes/$other/today")['entries'], 'id'));
        $this->send('POST', $path, ['athleteId' => $one], self::change(1));
        $this->assertStatus(409);
    }

    public function testACountThatIsHardlyMeantIsAskedAboutUntilItIsKept(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        foreach ([19, 36, 27] as $reps) {
            $this->log($athlete, ['reps' => $reps]);
        }
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame([['kind' => 'streak', 'best' => 36, 'askAbove' => 108]], $today['bests']);
        $odd = $this->log($athlete, ['reps' => 360]);
        self::assertSame(
            [null, null, null, '360, where 36 is the best so far?'],
            array_map($this->asks(...), $this->send('GET', "/api/athletes/$athlete/today")['entries']),
        );
        self::assertSame('360, where 36 is the best so far?', $this->asks($this->send('GET', '/api/class')['justNow'][0]));
        $this->send('POST', '/api/attempts/'.$odd['id'].'/keep', null, self::change(1));
        self::assertSame([null], array_unique(array_map(
            $this->asks(...),
            $this->send('GET', "/api/athletes/$athlete/today")['entries'],
        )));
    }

    public function testASetInTwoHandsIsInDoubtUntilSomebodyDecides(): void
    {
        $gym = $this->signInto(name: 'Anke');
        $athlete = $this->newAthlete();
        $at = static fn (string $time): string => '2026-11-24T18:'.$time.'Z';
        $first = $this->log($athlete, ['reps' => 31, 'at' => $at('10:00')]);
        $this->signInto($gym, name: 'Maren');
        $second = $this->log($athlete, ['reps' => 31, 'at' => $at('11:30')]);
        $third = $this->log($athlete, ['reps' => 31, 'at' => $at('20:00')]);
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame(
            [$first['id'] => null, $second['id'] => $first['id'], $third['id'] => null],
            array_column($today['entries'], 'twin', 'id'),
        );
        self::assertStringStartsWith('One set is in doubt', $today['gate']['doubt']['sentence']);
        self::assertStringStartsWith('One set', $this->send('GET', '/api/class')['athletes'][0]['doubt']['sentence']);
        $this->send('POST', '/api/attempts/'.$second['id'].'/keep', null, self::change(1));
        $kept = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame([3, null], [\count($kept['entries']), $kept['gate']['doubt']], 'both are kept');
        $this->send('DELETE', '/api/attempts/'.$second['id'], null, self::change(2));
        self::assertCount(2, $this->send('GET', "/api/athletes/$athlete/today")['entries']);
    }

    /**
     * @param array<mixed> $entry
     */
    private function asks(array $entry): ?string
    {
        return $entry['asks']['sentence'] ?? null;
    }

    public function testTheGateMovesWithTheLog(): void
    {
        $this->signInto();
        $athlete = self::id();
        $this->send('PUT', '/api/athletes/'.$athlete, self::athlete(['experience' => 'singles']));
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame('fifty-calm', $today['drill']['code']);
        self::assertSame('Nothing logged yet towards 100 unbroken', $today['gate']['outlook']['sentence']);
        for ($i = 0; $i < 5; ++$i) {
            $this->log($athlete, ['kind' => 'sum', 'reps' => 140, 'misses' => 6, 'end' => null]);
        }
        $after = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame('Hardly ever reaches 100 unbroken yet', $after['gate']['outlook']['sentence']);
        self::assertStringContainsString('Based on 5 attempts', $after['gate']['basis']['sentence']);
        self::assertLessThan($today['gate']['chance'], $after['gate']['chance']);
    }

    public function testTheDrillComesInTurnFromDayToDay(): void
    {
        $this->signInto();
        $athlete = self::id();
        $this->send('PUT', '/api/athletes/'.$athlete, self::athlete(['experience' => 'singles']));
        $this->log($athlete, ['at' => '2026-11-20T18:42:00Z']);
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame('one-minute', $today['drill']['code']);
        self::assertSame(['fifty-calm', 'hundred'], array_column($today['others'], 'code'));
        self::assertStringContainsString('Drill 2 of 3 at this stage', $today['reason']['sentence']);
    }

    public function testTheBeatOfADrillIsTheCores(): void
    {
        $this->signInto();
        $athlete = self::id();
        $this->send('PUT', '/api/athletes/'.$athlete, self::athlete(['experience' => 'some-doubles']));
        $drill = $this->send('GET', "/api/athletes/$athlete/today")['drill'];
        self::assertSame('3 singles, 1 double', $drill['text']);
        self::assertSame(['s', 's', 's', 'd'], array_column($drill['beats'], 'kind'));
        self::assertCount(2, $drill['beats'][3]['turnsS']);
        self::assertEqualsWithDelta((4 * 60) / 104, $drill['beats'][3]['endS'], 1e-9);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<mixed>
     */
    private function log(string $athlete, array $with = []): array
    {
        return $this->send('PUT', '/api/attempts/'.self::id(), self::entry($athlete, $with));
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    private static function entry(string $athlete, array $with = []): array
    {
        return $with + [
            'athleteId' => $athlete,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => 23,
            'end' => 'miss',
        ];
    }
}
