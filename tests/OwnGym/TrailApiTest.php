<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnGym;

use Doctrine\ORM\EntityManagerInterface;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Shared\Trail\TrailWords;
use Zumbo\App\Tests\Exchange\ExchangeTestCase;

/**
 * Who changed what, before and after.
 */
final class TrailApiTest extends ExchangeTestCase
{
    public function testWhatACoachDoesIsToldWithBeforeAndAfter(): void
    {
        $gym = $this->signInto();
        $this->signInto($gym, Role::Coach, 'Ewan Sallow');
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => 'Femi', 'height' => '172']));
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['name' => 'Femi', 'height' => '174']), self::change(1));
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(2));
        $this->send('POST', '/api/athletes/'.$id.'/restore', null, self::change(3));
        $this->assertStatus(200);
        $this->signInto($gym);
        $lines = $this->lines();
        self::assertSame(['back', 'removed', 'changed', 'made'], array_column($lines, 'deed'));
        self::assertSame(['Ewan Sallow'], array_values(array_unique(array_column($lines, 'by'))));
        self::assertSame(['athlete', 'Femi', false], [$lines[2]['what'], $lines[2]['name'], $lines[2]['fromFile']]);
        self::assertSame(
            [['what' => 'height', 'kind' => 'length', 'before' => '1.72', 'after' => '1.74']],
            $lines[2]['changes'],
        );
        self::assertSame([], $lines[1]['changes']);
        self::assertContains(['what' => 'name', 'kind' => 'text', 'before' => null, 'after' => 'Femi'], $lines[3]['changes']);
        foreach ($lines[3]['changes'] as $change) {
            self::assertContains($change['what'], TrailWords::COLUMNS, 'columns only');
        }
    }

    public function testSettingsAndPeopleAndNoSecret(): void
    {
        $gym = $this->signInto();
        $this->send('PATCH', '/api/gym', ['unit' => 'ft-in'], self::change(1));
        $secret = str_repeat('s', 22);
        $this->send('PUT', '/api/invitations/'.self::id(), ['role' => 'coach', 'name' => 'Ada', 'secret' => $secret]);
        $other = $this->newCoach($gym, Role::Coach);
        $this->send('PATCH', '/api/people/'.$other->id()->toRfc4122(), ['role' => 'helper'], self::change(1));
        $this->assertStatus(200);
        $said = array_map(static fn (array $line): array => [$line['what'], $line['deed']], $this->lines());
        self::assertSame([['sign-in', 'changed'], ['link', 'made'], ['settings', 'changed']], \array_slice($said, 0, 3));
        [$role, $link, $unit] = $this->lines();
        self::assertSame([['what' => 'role', 'kind' => 'text', 'before' => 'coach', 'after' => 'helper']], $role['changes']);
        self::assertSame([['what' => 'lengths in', 'kind' => 'text', 'before' => 'cm', 'after' => 'ft in']], $unit['changes']);
        self::assertContains(['what' => 'secret', 'kind' => 'secret', 'before' => null, 'after' => null], $link['changes']);
        $kept = self::connection()->fetchFirstColumn('SELECT changes FROM trail WHERE gym_id = ?', [$gym->toBinary()]);
        self::assertStringNotContainsString($secret, implode('', $kept));
        self::assertStringNotContainsString(hash('sha256', $secret), implode('', $kept));
        self::assertStringContainsString('"secret_hash":[null,null]', implode('', $kept));
    }

    public function testAnEntryIsNotedOnceItIsChanged(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $entry = self::id();
        $this->send('PUT', '/api/attempts/'.$entry, [
            'athleteId' => $athlete,
            'drill' => 'hop-in-place',
            'kind' => 'tries',
            'reps' => 7,
            'misses' => 3,
        ]);
        $this->assertStatus(201);
        self::assertNotContains('entry in the log', array_column($this->lines(), 'what'), 'it says itself who wrote it');
        $this->send('DELETE', '/api/attempts/'.$entry, null, self::change(1));
        $this->assertStatus(200);
        self::assertSame(['entry in the log', 'removed'], [$this->lines()[0]['what'], $this->lines()[0]['deed']]);
    }

    /** At the same stage nothing else of it changes than whose it is. */
    public function testAnEntryThatGoesToAnotherIsNotedAndForgottenWithEitherOfThem(): void
    {
        $this->signInto();
        [$femi, $ilse] = [self::id(), self::id()];
        foreach ([$femi => 'Femi', $ilse => 'Ilse'] as $id => $name) {
            $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $name]));
        }
        $this->send('PUT', '/api/attempts/'.($entry = self::id()), [
            'athleteId' => $femi,
            'drill' => 'hop-in-place',
            'kind' => 'tries',
            'reps' => 7,
        ]);
        $this->send('POST', "/api/attempts/$entry/move", ['athleteId' => $ilse], self::change(1));
        $this->assertStatus(200);
        $moved = $this->lines()[0];
        self::assertSame(['entry in the log', 'Ilse', 'changed'], [$moved['what'], $moved['name'], $moved['deed']]);
        self::assertSame([['what' => 'whose', 'kind' => 'text', 'before' => 'Femi', 'after' => 'Ilse']], $moved['changes']);
        $this->send('DELETE', '/api/athletes/'.$femi, null, self::change(1));
        $this->send('POST', "/api/athletes/$femi/erase", ['name' => 'Femi'], self::change(2));
        $this->assertStatus(204);
        self::assertNotContains('entry in the log', array_column($this->lines(), 'what'));
        self::assertStringNotContainsString($femi, $this->download('/api/export.json'));
    }

    public function testItIsToldByPagesAndByAthlete(): void
    {
        $gym = $this->signInto();
        $one = $this->newAthlete();
        self::connection()->executeStatement(
            "INSERT INTO trail (gym_id, id, done_at, done_by, kind, row_id, row_name, deed, changes)
             SELECT ?, UNHEX(CONCAT('019000000000', '7', LPAD(HEX(seq), 3, '0'), '8000000000000000')), '2024-06-01 10:00:00',
                '', 'rack_rope', UNHEX('01900000000070008000000000000000'), CONCAT('R', seq), 'made', '{}' FROM seq_1_to_150",
            [$gym->toBinary()],
        );
        $first = $this->send('GET', '/api/trail');
        self::assertCount(100, $first['lines']);
        self::assertFalse($first['lines'][0]['fromFile']);
        self::assertTrue($first['lines'][1]['fromFile'], 'only what is written here counts as that');
        $second = $this->send('GET', '/api/trail?before='.$first['next']);
        self::assertSame([51, null], [\count($second['lines']), $second['next']]);
        self::assertSame('R51', $second['lines'][0]['name']);
        self::assertSame(['athlete'], array_column($this->send('GET', '/api/trail?athlete='.$one)['lines'], 'what'));
        $this->send('GET', '/api/trail?before=yesterday');
        $this->assertProblem('before');
    }

    public function testOfSomebodyErasedOnlyThatStays(): void
    {
        $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => 'Femi']));
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $this->send('POST', "/api/athletes/$id/erase", ['name' => 'Femi'], self::change(2));
        $this->assertStatus(204);
        $lines = $this->lines();
        self::assertSame([['deleted', '', []]], array_map(
            static fn (array $line): array => [$line['deed'], $line['name'], $line['changes']],
            $lines,
        ));
    }

    public function testItTravelsWithTheOwnerAndNobodyElse(): void
    {
        $gym = $this->signInto();
        $this->newAthlete();
        $this->send('PUT', '/api/invitations/'.self::id(), ['role' => 'coach', 'name' => 'Ada', 'secret' => str_repeat('s', 22)]);
        self::assertSame('link', $this->lines()[0]['what'], 'noted, and stays here');
        $this->signInto($gym, Role::Coach);
        self::assertSame(1, substr_count($this->download('/api/export/trail.csv'), "\n"), 'the head alone');
        $this->signInto($gym);
        $csv = $this->download('/api/export/trail.csv');
        $json = $this->download('/api/export.json');
        self::assertSame(2, substr_count($csv, "\n"));

        $this->signInto();
        self::assertSame(['done', 0], $this->bringIn($json));
        self::assertSame($csv, $this->download('/api/export/trail.csv'), 'that it was brought in stays here');
        $lines = $this->lines();
        self::assertSame(['in', 'made'], array_column($lines, 'deed'));
        self::assertSame([false, true], array_column($lines, 'fromFile'));
        self::assertSame('Some Coach', $lines[0]['by']);
        self::assertContains(['what' => 'athletes', 'kind' => 'text', 'before' => null, 'after' => '1'], $lines[0]['changes']);
    }

    public function testAFileChangesNothingThatIsNotedHere(): void
    {
        $this->signInto();
        $this->newAthlete();
        $csv = $this->download('/api/export/trail.csv');
        $forged = str_replace(',made,', ',removed,', $csv);
        self::assertNotSame($csv, $forged);
        self::assertStringContainsString('not here yet', $this->send_($forged, 'text/csv')['errors'][0]['message']);
        $id = self::id();
        $line = "id,done_at,kind,row_id,deed,changes\r\n$id,2026-11-24T18:42:00Z,rope,$id,made,";
        foreach (['[1]', '"{""name"":1}"', 'no'] as $wrong) {
            self::assertStringContainsString('before', $this->send_($line.$wrong."\r\n", 'text/csv')['errors'][0]['message'], $wrong);
        }
        $coach = str_replace(',rope,', ',coach,', $line).'"{}"'."\r\n";
        self::assertStringContainsString('may sign in', $this->send_($coach, 'text/csv')['errors'][0]['message']);
        $imported = str_replace(',made,', ',in,', $line).'"{}"'."\r\n";
        self::assertStringContainsString('deed', $this->send_($imported, 'text/csv')['errors'][0]['message']);
    }

    /** What a table or column is called is asked of TrailWords; a new one must be named there. */
    public function testEverythingThatIsNotedHasWords(): void
    {
        $left = ['gym_id', 'id', 'athlete_id', 'version', 'removed_at', 'created_at', 'revision', 'set_id'];
        $followed = 0;
        foreach (self::service(EntityManagerInterface::class)->getMetadataFactory()->getAllMetadata() as $data) {
            if (!is_a($data->getName(), Trailed::class, true)) {
                continue;
            }
            ++$followed;
            self::assertArrayHasKey($data->getTableName(), TrailWords::KINDS);
            self::assertSame([], array_diff($data->getColumnNames(), $left, array_keys(TrailWords::COLUMNS)), $data->getName());
        }
        self::assertGreaterThan(10, $followed);
    }

    /**
     * @return list<array<mixed>>
     */
    private function lines(): array
    {
        $lines = $this->send('GET', '/api/trail')['lines'];
        $this->assertStatus(200);

        return $lines;
    }
}
