<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\Core\Fault\Sign;

final class FaultsApiTest extends ApiTestCase
{
    public function testEverySignStandsOnceAtItsPlace(): void
    {
        $this->signInto();
        $groups = $this->send('GET', '/api/signs');
        $codes = array_merge(
            ...array_map(static fn (array $group): array => array_column($group['signs'], 'code'), $groups),
        );
        self::assertCount(\count(Sign::cases()), $codes);
        self::assertCount(\count($codes), array_unique($codes));
        self::assertSame('hands', $groups[0]['place']);
        self::assertSame('hands drift out', $groups[0]['signs'][0]['text']);
    }

    public function testSignsLeadToRankedCausesAndOneCue(): void
    {
        $this->signInto();
        $found = $this->send(
            'GET',
            '/api/athletes/'.$this->newAthlete().'/diagnosis?signs=hands-drift-out,catches-toes',
        );
        $this->assertStatus(200);
        self::assertCount(5, $found['ranked']);
        self::assertSame(
            ['hands-wide', 'hands wide, elbows out'],
            [$found['ranked'][0]['fault'], $found['ranked'][0]['name']],
        );
        self::assertSame(
            ['hands-drift-out', 3],
            [$found['ranked'][0]['evidence'][0]['sign'], $found['ranked'][0]['evidence'][0]['marks']],
        );
        self::assertTrue($found['ropeFirst']);
        self::assertSame('elbows on your ribs', $found['cue']['cue']);
        self::assertSame(
            'Seen: hands drift out, catches toes. Most likely hands wide, elbows out (every cm outward shortens the arc).',
            $found['cue']['reason']['sentence'],
        );
        self::assertStringStartsWith(
            'If 3 goes with this cue bring nothing, step back to Singles: ',
            $found['cue']['stepBack']['sentence'],
        );
        $id = $this->newAthlete();
        $first = fn (): bool => $this->send(
            'GET',
            "/api/athletes/$id/diagnosis?signs=hands-drift-out&ropeChecked=yes",
        )['ropeFirst'];
        self::assertTrue($first(), 'no rope is known of them, whatever was ticked');
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $id,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $this->assertStatus(201);
        self::assertFalse($first());
    }

    /**
     * The cue is attached, seen on the plan of the hall and on the athlete's page, replaced, taken off and put back.
     */
    public function testAFocusCuesTheNextSetUntilItIsTakenOff(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $own = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertNull($own['focus']);
        $focus = self::id();
        $given = $this->send('PUT', '/api/focuses/'.$focus, [
            'athleteId' => $athlete,
            'fault' => 'rushing',
            'signs' => ['beat-speeds-up'],
        ]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/focuses/'.$focus, [
            'athleteId' => $athlete,
            'fault' => 'rushing',
            'signs' => ['beat-speeds-up'],
        ]);
        $this->assertStatus(200);
        $today = $this->send('GET', "/api/athletes/$athlete/today");
        self::assertSame('breathe, keep the beat', $today['drill']['cue']);
        self::assertSame($own['drill']['code'], $today['drill']['code'], 'the drill stays in turn');
        $onThePlan = $this->send('GET', '/api/class')['athletes'][0];
        self::assertSame('breathe, keep the beat', $onThePlan['drill']['cue']);
        self::assertStringStartsWith('Seen: beat speeds up. Most likely rushing', $onThePlan['cueReason']);

        $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $athlete, 'fault' => 'tension']);
        self::assertSame(
            'relax, shake out',
            $this->send('GET', "/api/athletes/$athlete/today")['drill']['cue'],
            'one focus at a time: the newest',
        );
        $this->send(
            'DELETE',
            '/api/focuses/'.$this->send('GET', "/api/athletes/$athlete/today")['focus']['id'],
            null,
            self::change(1),
        );
        self::assertSame($focus, $this->send('GET', "/api/athletes/$athlete/today")['focus']['id']);
        $this->send('DELETE', '/api/focuses/'.$focus, null, self::change($given['version']));
        $this->assertStatus(200);
        self::assertSame($own['drill']['cue'], $this->send('GET', "/api/athletes/$athlete/today")['drill']['cue']);
        $this->send('DELETE', '/api/focuses/'.$focus, null, self::change(1));
        $this->assertStatus(409);
        $this->send('POST', "/api/focuses/$focus/restore", null, self::change(2));
        self::assertSame($focus, $this->send('GET', "/api/athletes/$athlete/today")['focus']['id']);
    }

    public function testAFaultOfTheRopeIsNoCueForTheAthlete(): void
    {
        $this->signInto();
        $found = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/diagnosis?signs=rope-kinked');
        self::assertSame(['Look the rope over, mend it and hang it straight', null], [$found['cue']['cue'], $found['cue']['stepBack']]);
        self::assertSame('The rope, not the athlete: Look the rope over, mend it and hang it straight.', $found['advice']['sentence']);
    }

    #[DataProvider('badQueries')]
    public function testBadSignsAreNamed(string $query, string $field): void
    {
        $this->signInto();
        $problem = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/diagnosis?'.$query);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
        self::assertNotSame('', $problem['errors'][0]['accepted']);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badQueries(): iterable
    {
        yield 'none' => ['', 'signs'];
        yield 'unknown' => ['signs=slap,levitates', 'signs'];
        yield 'perhaps' => ['signs=slap&ropeChecked=perhaps', 'ropeChecked'];
    }

    /**
     * @param array<string, mixed> $with
     */
    #[DataProvider('badFocuses')]
    public function testABadFocusIsNamed(array $with, string $field): void
    {
        $gym = $this->signInto();
        $problem = $this->send(
            'PUT',
            '/api/focuses/'.self::id(),
            $with + ['athleteId' => $this->newAthlete(), 'fault' => 'tension', 'signs' => []],
        );
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
        self::assertSame(
            0,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM focus WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function badFocuses(): iterable
    {
        yield 'nobody' => [['athleteId' => '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f'], 'athleteId'];
        yield 'an unknown fault' => [['fault' => 'bad-luck'], 'fault'];
        yield 'an unknown sign' => [['signs' => ['levitates']], 'signs'];
    }
}
