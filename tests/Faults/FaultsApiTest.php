<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Uuid;
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
        $id = $this->newAthlete();
        $of = fn (string $more): array => $this->send(
            'GET',
            "/api/athletes/$id/diagnosis?signs=hands-drift-out,catches-toes,shoulders-burn$more",
        );
        $found = $of('');
        $this->assertStatus(200);
        self::assertSame('go-on', $found['action']);
        self::assertCount(5, $found['ranked']);
        self::assertSame(
            ['hands-wide', 'hands wide, elbows out'],
            [$found['ranked'][0]['fault'], $found['ranked'][0]['name']],
        );
        self::assertSame(
            ['hands-drift-out', 3],
            [$found['ranked'][0]['evidence'][0]['sign'], $found['ranked'][0]['evidence'][0]['marks']],
        );
        self::assertSame('check.length', $found['check']['code']);
        self::assertNull($found['ask']);
        self::assertSame('elbows on your ribs', $found['cue']['cue']);
        self::assertNull($found['price'], 'no rope, no handles, no price');
        self::assertStringStartsWith(
            'Seen: hands drift out, catches toes, shoulders burn. Most likely hands wide, elbows out',
            $found['cue']['reason']['sentence'],
        );
        self::assertStringStartsWith(
            'If 3 goes with this cue bring nothing, step back to Singles: ',
            $found['cue']['stepBack']['sentence'],
        );
        self::assertSame('check.length', $of('&ropeChecked=yes')['check']['code'], 'no rope is known of them, whatever was ticked');
        $this->giveRope($id);
        self::assertSame('check.length', $of('')['check']['code'], 'it was right when it was kept');
        self::assertStringContainsString('10 cm wider on each side is 5 cm less arc', $of('')['price']['sentence']);
        self::assertSame('check.condition', $of('&ropeChecked=yes')['check']['code']);
        self::assertNull($of('&ropeChecked=yes&ropeInspected=yes')['check']);
    }

    public function testOneQuestionComesBeforeADoubtfulCue(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        self::connection()->update('athlete', ['stage' => 'snap'], ['id' => Uuid::fromString($id)->toBinary()]);
        $found = $this->send('GET', "/api/athletes/$id/diagnosis?signs=trips-on-second-pass");
        self::assertStringStartsWith('Not sure yet: late spin', $found['advice']['sentence']);
        self::assertStringContainsString('one thing', $found['ask']['question']['sentence']);
        self::assertNotNull($found['cue'], 'for who asks for it all the same');
        $yes = $this->send('GET', "/api/athletes/$id/diagnosis?signs=trips-on-second-pass,late-hands");
        self::assertSame([null, 'late-spin'], [$yes['ask'], $yes['cue']['fault']]);
        $no = $this->send('GET', "/api/athletes/$id/diagnosis?signs=trips-on-second-pass&fine=late-hands");
        self::assertSame('slow-spin', $no['ranked'][0]['fault']);
    }

    public function testWhoMayNotJumpHasNoCueAtAll(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        $this->assertStatus(201);
        foreach (['signs=heavy-landing,slap', 'tired=yes'] as $query) {
            $problem = $this->send('GET', "/api/athletes/$id/diagnosis?$query");
            $this->assertStatus(409);
            self::assertStringContainsString('until the coach clears it', $problem['detail']);
        }
    }

    public function testTheLoadAndTheRopeComeBeforeACue(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $of = fn (string $query): array => $this->send('GET', "/api/athletes/$id/diagnosis?$query");
        $tired = $of('signs=hands-drift-out&tired=yes');
        self::assertSame(['change-load', null], [$tired['action'], $tired['cue']]);
        self::assertSame('check.then_length', $tired['check']['code']);
        self::assertSame('change-load', $of('tired=yes')['action'], 'no sign is needed');
        self::assertSame('change-load', $of('signs=misses-only-late,late-hands&effort=8')['action']);
        self::assertSame('stop-today', $of('signs=temper')['action']);
        $this->giveRope($id);
        self::connection()->update('rope', ['failed' => '["no-kinks"]'], ['athlete_id' => Uuid::fromString($id)->toBinary()]);
        $worn = $of('signs=hands-drift-out&ropeChecked=yes&ropeInspected=yes');
        self::assertSame(['change-rope', 'rope-worn', null], [$worn['action'], $worn['ranked'][0]['fault'], $worn['cue']]);
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

    /** Three goes that bring nothing: the step back, and another cue next time; what helped is said. */
    public function testGoesUnderACueDecideWhatIsSaidNext(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $focus = $this->newFocus($athlete);
        $today = fn (): array => $this->send('GET', "/api/athletes/$athlete/today")['focus'];
        self::assertSame([0, false], [$today()['cue']['withoutEffect'], $today()['cue']['stepsBackNow']]);
        $last = '';
        foreach (['same', 'worse', 'worse'] as $i => $outcome) {
            $last = self::id();
            $go = $this->send('PUT', '/api/goes/'.$last, ['focusId' => $focus, 'outcome' => $outcome]);
            $this->assertStatus(201);
            self::assertSame($i + 1, $go['focus']['cue']['withoutEffect']);
        }
        $this->send('PUT', '/api/goes/'.$last, ['focusId' => $focus, 'outcome' => 'worse']);
        $this->assertStatus(200);
        self::assertTrue($today()['cue']['stepsBackNow']);
        self::assertSame('elbows on your ribs', $today()['cue']['cue'], 'nobody’s cue changes by itself');
        self::assertStringStartsWith('3 goes brought nothing: step back to Singles', $today()['cue']['stepBack']['sentence']);
        $next = $this->send('GET', "/api/athletes/$athlete/diagnosis?signs=hands-drift-out,catches-toes")['cue'];
        self::assertSame('thumbs along your trouser seams', $next['cue']);
        self::assertSame('cue.instead', $next['learned']['code']);
        $given = $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $athlete, 'fault' => 'hands-wide']);
        self::assertSame('thumbs along your trouser seams', $given['cue']['cue']);

        $this->send('DELETE', '/api/goes/'.$last, null, self::change(1));
        $this->assertStatus(200);
        self::assertSame(
            'elbows on your ribs',
            $this->send('GET', "/api/athletes/$athlete/diagnosis?signs=hands-drift-out,catches-toes")['cue']['cue'],
            'taken back',
        );
        $this->send('POST', '/api/goes/'.$last.'/restore', null, self::change(2));
        $this->assertStatus(200);
        self::assertFalse($this->send('GET', '/api/goes/'.$last)['removed']);
        $other = $this->newAthlete();
        $here = $this->send('GET', "/api/athletes/$other/diagnosis?signs=hands-drift-out,catches-toes")['cue'];
        self::assertNotSame('elbows on your ribs', $here['cue'], 'what the gym knows counts for everybody');
    }

    public function testAFaultOfTheRopeOrTheLoadIsNoCue(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        foreach (['rope-worn', 'tired'] as $fault) {
            $problem = $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $athlete, 'fault' => $fault]);
            $this->assertStatus(422);
            self::assertSame('fault', $problem['errors'][0]['field']);
        }
        $found = $this->send('GET', "/api/athletes/$athlete/diagnosis?signs=rope-kinked");
        self::assertSame(['change-rope', null], [$found['action'], $found['cue']]);
    }

    /**
     * @param array<string, mixed> $with
     */
    #[DataProvider('badGoes')]
    public function testABadGoIsNamed(array $with, string $field): void
    {
        $this->signInto();
        $focus = $this->newFocus($this->newAthlete());
        $problem = $this->send('PUT', '/api/goes/'.self::id(), $with + ['focusId' => $focus, 'outcome' => 'better']);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function badGoes(): iterable
    {
        yield 'no such focus' => [['focusId' => '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f'], 'focusId'];
        yield 'no such outcome' => [['outcome' => 'splendid'], 'outcome'];
    }

    private function newFocus(string $athlete): string
    {
        $id = self::id();
        $this->send('PUT', '/api/focuses/'.$id, ['athleteId' => $athlete, 'fault' => 'hands-wide', 'signs' => ['hands-drift-out']]);
        $this->assertStatus(201);

        return $id;
    }

    private function giveRope(string $athlete): void
    {
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $athlete,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $this->assertStatus(201);
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
        yield 'an unknown fine one' => ['signs=slap&fine=levitates', 'fine'];
        yield 'too much effort' => ['signs=slap&effort=12', 'effort'];
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
        yield 'no cue of it' => [['cue' => 'jump higher'], 'cue'];
        yield 'an unknown sign' => [['signs' => ['levitates']], 'signs'];
    }
}
