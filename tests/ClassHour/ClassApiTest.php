<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\People\Tag;
use Zumbo\App\Tests\ApiTestCase;

final class ClassApiTest extends ApiTestCase
{
    public function testAnEmptyGymSaysSo(): void
    {
        $this->signInto();
        $class = $this->send('GET', '/api/class');
        self::assertSame('Nobody is here yet', $class['title']['sentence']);
        self::assertSame([], $class['athletes']);
    }

    public function testShowsEverybodyByStageWithRopeSetAndCue(): void
    {
        $this->signInto();
        $mix = $this->add('Ilse Tannow', 'some-doubles');
        $this->add('Tomasz Wierzba', 'none');
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $mix,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $class = $this->send('GET', '/api/class');
        self::assertSame('2 in the hall, nothing logged yet', $class['title']['sentence']);
        self::assertSame(['Tomasz', 'Ilse'], array_column($class['athletes'], 'firstName'));
        self::assertSame(['t', 'i'], array_column($class['athletes'], 'tag'));
        self::assertEqualsWithDelta(2.4436, $class['athletes'][1]['ropeM'], 1e-9);
        self::assertNull($class['athletes'][0]['ropeM']);
        self::assertSame('land ready', $class['athletes'][1]['drill']['cue']);
        self::assertSame(
            'Nothing logged yet towards 30 s without a miss',
            $class['athletes'][1]['outlook']['sentence'],
        );
    }

    public function testShowsWhatWasLoggedJustNowTheNewestFirst(): void
    {
        $this->signInto();
        $athlete = $this->add('Ilse Tannow', 'singles');
        foreach ([11, 14] as $i => $reps) {
            $this->log($athlete, $reps, 'miss', \sprintf('-%d seconds', 60 - 30 * $i));
        }
        $class = $this->send('GET', '/api/class');
        self::assertSame(['14, miss', '11, miss'], array_column($class['justNow'], 'sentence'));
        self::assertSame('1 in the hall, 2 logged', $class['title']['sentence']);
        self::assertSame(2, $class['athletes'][0]['entriesToday']);
        self::assertNull($class['athletes'][0]['look']);
    }

    public function testThreeEarlyMissesNeedALook(): void
    {
        $this->signInto();
        $athlete = $this->add('Priya Nandakar', 'some-doubles');
        foreach ([2, 0, 1] as $i => $reps) {
            $this->log($athlete, $reps, 'miss', \sprintf('-%d seconds', 60 - 10 * $i));
        }
        $class = $this->send('GET', '/api/class');
        self::assertSame('Priya needs a look', $class['title']['sentence']);
        self::assertStringContainsString(
            '3 goes in a row were rough',
            $class['athletes'][0]['look']['sentence'],
            'and says why',
        );
    }

    public function testARedFlagStopsJumpingOnThePlanToo(): void
    {
        $this->signInto();
        $this->send('PUT', '/api/athletes/'.self::id(), self::athlete(['cautions' => ['red-flag']]));
        $athlete = $this->send('GET', '/api/class')['athletes'][0];
        self::assertTrue($athlete['caution']);
        self::assertSame('nothing', $athlete['allowance']['jumping']);
        self::assertNull($athlete['drill']);
        self::assertSame('No training today.', $athlete['allowance']['public']['sentence'], 'no reason on the wall');
    }

    /** A round of a hundred has as many beats; the hall draws the first few. */
    public function testTheHallIsSentWhatItDraws(): void
    {
        $this->signInto();
        for ($i = 0; $i < 14; ++$i) {
            $this->log($this->add('Athlete '.$i, ['none', 'singles', 'some-doubles', 'linked-doubles'][$i % 4]), 10, 'miss', '-1 minute');
        }
        $class = $this->send('GET', '/api/class');
        self::assertSame(17, max([0, ...array_map(static fn (array $one): int => \count($one['drill']['beats']), $class['athletes'])]));
        self::assertLessThan(14 * 3500, \strlen($this->body()));
    }

    /** On the floor the first drills without a jump are enough; who looks closer gets all. */
    public function testTheHallIsSentTheFirstDrillsOfWhoDoesNotJump(): void
    {
        $this->signInto();
        $id = $this->add('Sore Athlete', 'singles');
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pain', 'place' => 'shin', 'degree' => 5]);
        $this->assertStatus(201);
        $instead = $this->send('GET', "/api/athletes/$id/today")['allowance']['instead'];
        self::assertGreaterThan(3, \count($instead));
        self::assertSame(
            \array_slice($instead, 0, 3),
            $this->send('GET', '/api/class')['athletes'][0]['allowance']['instead'],
        );
    }

    /** Many screens ask at once: one answer is worked out, and whoever has it gets none. */
    public function testTheSameAnswerIsNotWorkedOutNorSentAgain(): void
    {
        $gym = $this->signInto();
        $this->add('First Athlete', 'singles');
        $this->send('GET', '/api/class');
        $tag = (string) $this->response()->headers->get('ETag');
        self::assertMatchesRegularExpression('/^"[0-9a-f]{32}"$/', $tag);
        self::connection()->update('athlete', ['name' => 'Renamed'], ['gym_id' => $gym->toBinary()]);
        self::assertSame('First', $this->send('GET', '/api/class')['athletes'][0]['firstName'], 'as it was kept');
        $this->send('GET', '/api/class', null, ['If-None-Match' => $tag]);
        self::assertSame([304, ''], [$this->response()->getStatusCode(), $this->body()]);
        $this->add('Second Athlete', 'singles');
        $this->send('GET', '/api/class', null, ['If-None-Match' => $tag]);
        $this->assertStatus(200);
        self::assertNotSame($tag, $this->response()->headers->get('ETag'));
        self::assertStringContainsString('Renamed', $this->body());
        self::assertStringContainsString('no-cache', (string) $this->response()->headers->get('Cache-Control'));
    }

    /** After a restore the gym's revisions begin again further back: the same number is another state then. */
    public function testTheSameRevisionOfAnotherHistoryIsAnotherAnswer(): void
    {
        $gym = $this->signInto()->toBinary();
        $this->add('First Athlete', 'singles');
        $this->send('GET', '/api/class');
        $tag = (string) $this->response()->headers->get('ETag');
        self::connection()->executeStatement(
            'DELETE c FROM gym_change c JOIN gym g ON g.id = c.gym_id AND g.revision = c.revision WHERE g.id = ?',
            [$gym],
        );
        self::connection()->executeStatement('UPDATE gym SET revision = revision - 1 WHERE id = ?', [$gym]);
        $this->add('Second Athlete', 'singles');
        self::assertCount(2, $this->send('GET', '/api/class', null, ['If-None-Match' => $tag])['athletes']);
    }

    public function testWhatAHelperIsShownIsNotWhatACoachIs(): void
    {
        $gym = $this->signInto();
        $this->add('First Athlete', 'singles');
        $this->send('GET', '/api/class');
        $tag = (string) $this->response()->headers->get('ETag');
        $this->signInto($gym, Role::Helper);
        $this->send('GET', '/api/class', null, ['If-None-Match' => $tag]);
        $this->assertStatus(200);
    }

    public function testTheQueriesDoNotGrowWithTheClass(): void
    {
        $this->signInto();
        $this->log($this->add('First Athlete', 'singles'), 10, 'miss', '-1 minute');
        $few = $this->queries();
        for ($i = 0; $i < 12; ++$i) {
            $this->log($this->add('Athlete '.$i, 'singles'), 10, 'miss', '-1 minute');
        }
        self::assertSame($few, $this->queries());
    }

    public function testChangesTellTheKindsSinceARevision(): void
    {
        $this->signInto();
        $revision = $this->send('GET', '/api/changes')['revision'];
        $athlete = $this->add('Ilse Tannow', 'singles');
        $this->log($athlete, 10, 'miss', '-1 minute');
        $changes = $this->send('GET', '/api/changes?since='.$revision);
        self::assertSame(['athlete', 'attempt'], $changes['kinds']);
        self::assertSame($revision + 2, $changes['revision']);
        self::assertSame([], $this->send('GET', '/api/changes?since='.$changes['revision'])['kinds']);
        self::assertSame($changes['revision'], $this->send('GET', '/api/class')['revision']);
        $this->signInto();
        self::assertSame([], $this->send('GET', '/api/changes')['kinds'], 'another gym sees none of it');
    }

    /** Whoever made a change is told its revision at once, and need not be told of it again. */
    public function testAWriteTellsTheRevisionItMade(): void
    {
        $this->signInto();
        $this->add('Ilse Tannow', 'singles');
        $made = $this->response()->headers->get('Zumbo-Revision');
        self::assertSame((string) $this->send('GET', '/api/changes')['revision'], $made);
        self::assertFalse($this->response()->headers->has('Zumbo-Revision'), 'a question makes none');
    }

    public function testAfterVeryManyChangesTheKindsAreNotListed(): void
    {
        $gym = $this->signInto();
        $this->add('Ilse Tannow', 'singles');
        self::connection()->executeStatement('UPDATE gym SET revision = revision + 600 WHERE id = ?',
            [$gym->toBinary()]);
        $changes = $this->send('GET', '/api/changes');
        self::assertSame([[], true], [$changes['kinds'], $changes['tooMany']]);
        $lately = $this->send('GET', '/api/changes?since='.($changes['revision'] - 1));
        self::assertFalse($lately['tooMany']);
    }

    public function testABadRevisionIsNamed(): void
    {
        $this->signInto();
        foreach (['-1', 'x', '1e3'] as $since) {
            $problem = $this->send('GET', '/api/changes?since='.$since);
            $this->assertStatus(422);
            self::assertSame('since', $problem['errors'][0]['field']);
        }
    }

    public function testOnlyTheOwnGymsHintsMayBeListenedTo(): void
    {
        $gym = $this->signInto();
        $this->browser->request('GET', '/api/live');
        self::assertMatchesRegularExpression(
            '~^/internal/live/'.$gym->toRfc4122().'/[0-9a-f]{64}$~',
            (string) $this->response()->headers->get('X-Accel-Redirect'),
        );
    }

    /**
     * @param list<string> $names
     * @param list<string> $tags
     */
    #[DataProvider('tagged')]
    public function testTagsAreShortAndAllDifferent(array $names, array $tags): void
    {
        self::assertSame($tags, self::given($names));
    }

    /**
     * @return iterable<string, array{list<string>, list<string>}>
     */
    public static function tagged(): iterable
    {
        yield 'initials' => [['Ilse', 'Femi'], ['i', 'f']];
        yield 'a shared initial' => [['Ilse', 'Ivo', 'Femi'], ['i', 'iv', 'f']];
        yield 'nearly the same name' => [['Ana', 'Anabel', 'Anna', 'Anni'], ['a', 'an', 'aa', 'ai']];
        yield 'accents and other scripts' => [['Émile', '文', 'Øyvind'], ['e', 'z', 'y']];
        $many = array_map(static fn (int $i): string => \chr(97 + ($i % 26)).'name', range(0, 59));
        self::assertCount(60, array_unique(self::given($many)));
        yield 'one' => [['Wen'], ['w']];
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> the tags given one after the other
     */
    private static function given(array $names): array
    {
        $tags = [];
        foreach ($names as $name) {
            $tags[Tag::free($name, $tags)] = true;
        }

        return array_map(strval(...), array_keys($tags));
    }

    public function testATagStaysWhoeverComesAndGoes(): void
    {
        $this->signInto();
        $tags = fn (): array => array_column($this->send('GET', '/api/class')['athletes'], 'tag', 'firstName');
        $add = fn (string $name): array => $this->send('PUT', '/api/athletes/'.self::id(), self::athlete(['name' => $name]));
        $add('Signe Moor');
        self::assertSame(['Signe' => 's'], $tags());
        $sten = $add('Sten Aake');
        $add('Sigrid Low');
        self::assertSame(['Signe' => 's', 'Sigrid' => 'si', 'Sten' => 'st'], $tags());
        $this->send('DELETE', '/api/athletes/'.$sten['id'], null, self::change(1));
        $add('Stella Ray');
        self::assertSame(['Signe' => 's', 'Sigrid' => 'si', 'Stella' => 'se'], $tags(), 'his is kept for him');
    }

    private function add(string $name, string $experience): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $name, 'experience' => $experience]));
        $this->assertStatus(201);

        return $id;
    }

    private function log(string $athlete, int $reps, string $end, string $ago): void
    {
        $at = (new \DateTimeImmutable($ago, new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s\Z');
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => $reps,
            'end' => $end,
            'at' => $at,
        ]);
        $this->assertStatus(201);
    }

    private function queries(): int
    {
        $count = static fn (): int => (int) self::connection()->fetchOne(
            "SELECT variable_value FROM information_schema.session_status WHERE variable_name = 'Com_select'",
        );
        $before = $count();
        $this->send('GET', '/api/class');
        $this->assertStatus(200);

        return $count() - $before;
    }

    public function testWhatARemovedAthleteDidIsNotInTheHallAnyMore(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->newAthlete();
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $id,
            'drill' => 'fifty-calm',
            'kind' => 'streak',
            'reps' => 23,
            'end' => 'miss',
        ]);
        self::assertCount(1, $this->send('GET', '/api/class')['justNow']);
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $class = $this->send('GET', '/api/class');
        self::assertSame([], $class['justNow']);
        self::assertSame('1 in the hall, nothing logged yet', $class['title']['sentence']);
    }
}
