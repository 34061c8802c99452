<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Athletes;

use Psr\Log\LoggerInterface;
use Symfony\Component\Uid\Uuid;
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
