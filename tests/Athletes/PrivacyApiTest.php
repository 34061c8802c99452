<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Athletes;

use Psr\Log\LoggerInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Job\Chores;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What docs/privacy.md promises of the record of an athlete.
 */
final class PrivacyApiTest extends ApiTestCase
{
    public function testWhoeverMayBeAMinorNeedsAGuardiansConsent(): void
    {
        $this->signInto();
        $year = (int) date('Y');
        foreach (
            [
                [$year - 13, false, true],
                [$year - 18, false, true],
                [$year - 13, true, false],
                [$year - 19, false, false],
                [null, false, false],
            ] as [$born, $given, $needed]
        ) {
            $id = self::id();
            $athlete = $this->send(
                'PUT',
                '/api/athletes/'.$id,
                self::athlete(['birthYear' => $born, 'guardianConsent' => $given]),
            );
            self::assertSame(
                [$given, $needed],
                [$athlete['guardianConsent'], $athlete['needsConsent']],
                (string) $born,
            );
        }
    }

    public function testAllThatIsKeptOfOneComesAsAPageToRead(): void
    {
        $this->signInto();
        [$id, $other] = [self::id(), self::id()];
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => 'Ilse <b>Tannow']));
        $this->send('PUT', '/api/athletes/'.$other, self::athlete(['name' => 'Bram Holtwick']));
        foreach ([$id, $other] as $athlete) {
            $pain = ['athleteId' => $athlete, 'caution' => 'pain', 'place' => 'shin', 'degree' => 4];
            $this->send('PUT', '/api/cautions/'.self::id(), $pain);
        }
        $this->send('GET', "/api/export/$id.html");
        $this->assertStatus(200);
        $page = new \DOMDocument();
        self::assertTrue($page->loadHTML($this->body(), \LIBXML_NOERROR));
        self::assertSame('Ilse <b>Tannow', $page->getElementsByTagName('h1')->item(0)?->textContent);
        self::assertStringContainsString('shin', $this->body());
        foreach (['Bram', $other, $id, 'src=', 'http'] as $nobodyElses) {
            self::assertStringNotContainsString($nobodyElses, $this->body());
        }
    }

    public function testWhoeverIsErasedIsInNoOldPlanAndOnNoClock(): void
    {
        $gym = $this->signInto();
        [$id, $other] = [$this->newAthlete(), $this->newAthlete()];
        $this->send('PUT', '/api/practice/'.self::id(), ['minutes' => 20]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/class-clock/'.self::id(), [
            'programmes' => [['title' => 'All', 'text' => '20/10 x8', 'athletes' => [$id, $other]]],
            'linkSecret' => str_repeat('c', 22),
        ]);
        $this->assertStatus(201);
        $held = static fn (string $named): array => array_map(
            static fn (string $where): int => (int) self::connection()->fetchOne(
                "SELECT COUNT(*) FROM $where LIKE ?",
                [$gym->toBinary(), "%$named%"],
            ),
            ['planned_practice WHERE gym_id = ? AND wish', 'class_clock WHERE gym_id = ? AND programmes'],
        );
        self::assertSame([1, 1], $held($id), 'they are there before');
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $this->send('POST', "/api/athletes/$id/erase", ['name' => 'Ilse Tannow'], self::change(2));
        $this->assertStatus(204);
        self::assertSame([0, 0], $held($id));
        self::assertSame([1, 1], $held($other), 'and everybody else still is');
        $this->send('GET', '/api/practice');
        $this->assertStatus(200);
        $this->send('GET', '/api/class-clock');
        $this->assertStatus(200);
    }

    public function testErasureTakesEverythingOfSomebodyWhoWasRemovedAndNobodyElse(): void
    {
        $gym = $this->signInto();
        [$id, $other] = [$this->newAthlete(), $this->newAthlete()];
        foreach ([$id, $other] as $athlete) {
            $this->send('PUT', '/api/ropes/'.self::id(), [
                'athleteId' => $athlete,
                'school' => 'armpit',
                'stance' => null,
                'handle' => '15',
                'family' => 'thick-cord',
            ]);
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $athlete,
                'drill' => 'hundred',
                'kind' => 'streak',
                'reps' => 9,
                'end' => 'miss',
            ]);
            $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $athlete, 'fault' => 'tension']);
        }
        $problem = $this->send('POST', "/api/athletes/$id/erase", ['name' => 'Ilse Tannow'], self::change(1));
        self::assertSame(
            [422, 'id'],
            [$this->response()->getStatusCode(), $problem['errors'][0]['field']],
            'remove first, that can be undone',
        );
        foreach (['/api/class', '/api/athletes', "/api/athletes/$id", "/api/athletes/$id/today"] as $route) {
            $this->send('GET', $route);
        }
        self::assertContains(true, self::keptAnswersWith($id));
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $problem = $this->send('POST', "/api/athletes/$id/erase", ['name' => 'Ilse'], self::change(2));
        self::assertSame([422, 'name'], [$this->response()->getStatusCode(), $problem['errors'][0]['field']]);
        $this->send('POST', "/api/athletes/$id/erase", ['name' => 'Ilse Tannow'], self::change(2));
        $this->assertStatus(204);
        self::assertNotContains(true, self::keptAnswersWith($id), 'what was answered is forgotten too');
        $this->send('GET', '/api/athletes/'.$id);
        $this->assertStatus(404);
        foreach (['athlete', 'rope', 'stature', 'practice', 'practice_set', 'attempt', 'focus'] as $table) {
            self::assertSame(
                1,
                (int) self::connection()->fetchOne("SELECT COUNT(*) FROM $table WHERE gym_id = ?", [$gym->toBinary()]),
                $table,
            );
        }
    }

    /** A new table that names athletes has to be forgotten as well. */
    public function testEveryTableThatNamesAnAthleteIsForgottenWithThem(): void
    {
        $tables = self::connection()->fetchFirstColumn(
            "SELECT table_name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'athlete_id'",
        );
        $forgotten = (new \ReflectionClassConstant(Athletes::class, 'THEIRS'))->getValue();
        self::assertIsArray($forgotten);
        self::assertSame([], array_diff($tables, $forgotten, ['practice', 'rope', 'stature']));
        $this->signInto();
        $id = $this->newAthlete();
        $said = ['athleteId' => $id, 'on' => gmdate('Y-m-d'), 'effort' => 6, 'minutes' => 45];
        $this->send('PUT', '/api/session-efforts/'.self::id(), $said);
        $this->assertStatus(201);
        $name = self::athlete()['name'];
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $this->send('POST', "/api/athletes/$id/erase", ['name' => $name], self::change(2));
        $this->assertStatus(204);
        $own = Uuid::fromString($id)->toBinary();
        self::assertSame(0, (int) self::connection()->fetchOne('SELECT COUNT(*) FROM session_effort WHERE athlete_id = ?', [$own]));
    }

    public function testWhoWasRemovedThreeMonthsAgoIsForgotten(): void
    {
        $gym = $this->signInto();
        [$old, $recent] = [$this->newAthlete(), $this->newAthlete()];
        foreach ([$old, $recent] as $id) {
            $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        }
        self::connection()->executeStatement(
            'UPDATE athlete SET removed_at = removed_at - INTERVAL 91 DAY WHERE gym_id = ? AND id = ?',
            [$gym->toBinary(), Uuid::fromString($old)->toBinary()],
        );
        self::service(Chores::class)->doAll();
        self::assertSame(
            [Uuid::fromString($recent)->toBinary()],
            self::connection()->fetchFirstColumn('SELECT id FROM athlete WHERE gym_id = ?', [$gym->toBinary()]),
        );
    }

    /**
     * @return list<bool> of each file, whether it names somebody
     */
    private static function keptAnswersWith(string $id): array
    {
        $place = self::getContainer()->getParameter('kernel.cache_dir');
        self::assertIsString($place);
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$place/pools/app", \FilesystemIterator::SKIP_DOTS));

        return array_map(
            static fn (string $file): bool => str_contains((string) file_get_contents($file), $id),
            array_keys(iterator_to_array($files)),
        );
    }

    public function testNoNameEndsUpInALog(): void
    {
        $this->signInto();
        $id = self::id();
        $secret = 'Zephyrine'.bin2hex(random_bytes(4));
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $secret]));
        $this->send('PUT', '/api/athletes/'.self::id(), self::athlete(['name' => $secret, 'height' => $secret]));
        $this->assertStatus(422);
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $this->send('POST', "/api/athletes/$id/erase", ['name' => $secret.'?'], self::change(2));
        $this->assertStatus(422);
        $this->send('PUT', '/api/imports/'.self::id(), "id,name\r\n$id,$secret,\r\n", ['Content-Type' => 'text/csv']);
        $logs = self::getContainer()->getParameter('kernel.logs_dir');
        self::assertIsString($logs);
        self::service(LoggerInterface::class)->warning('the log was written here: '.$id);
        $log = implode('', array_map(file_get_contents(...), glob($logs.'/app-*.log') ?: []));
        self::assertStringContainsString($id, $log);
        self::assertStringNotContainsString($secret, $log);
    }
}
