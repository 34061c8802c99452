<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\File\StorageFull;
use Zumbo\App\Platform\File\WholeCopy;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Rhythm\Recording\ForgetRecordings;
use Zumbo\App\Tests\ApiTestCase;

final class RecordingsApiTest extends ApiTestCase
{
    private const FILES = __DIR__.'/../../core/tests/Sound/files/';

    public function testARecordingIsHeardAndDeleted(): void
    {
        $this->signInto();
        $id = self::id();
        $sent = $this->sendFile($id, self::file('singles-30db.wav'));
        $this->assertStatus(201);
        self::assertSame('waiting', $sent['state']);
        self::assertNull($sent['heard']);
        self::workOff();
        $heard = $this->send('GET', '/api/recordings/'.$id);
        self::assertSame('done', $heard['state']);
        self::assertFalse($heard['kept']);
        self::assertTrue($heard['heard']['counts']);
        $truth = json_decode(self::file('singles-30db.json'), true);
        self::assertIsArray($truth);
        self::assertCount(\count($truth['landings_s']), $heard['heard']['landingsS']);
        self::assertCount(\count($truth['turns_s']), $heard['heard']['turnsS']);
        self::assertCount(\count($heard['heard']['ticks']), $heard['heard']['thuds']);
        self::assertSame(
            $this->send('POST', '/api/takes/read', [
                'turnsS' => $heard['heard']['turnsS'],
                'landingsS' => $heard['heard']['landingsS'],
            ]),
            $heard['heard']['report'],
            'the first strip needs no second request',
        );
        self::assertEqualsWithDelta(8.0, $heard['heard']['columnS'] * \count($heard['heard']['ticks']), 0.1);
        $this->send('GET', "/api/recordings/$id/sound.wav");
        $this->assertStatus(404);
    }

    public function testOneThatIsKeptCanBeListenedToAndThrownAway(): void
    {
        $this->signInto();
        $id = self::id();
        $this->sendFile($id, self::file('singles-30db.wav'), '?keep=1');
        self::workOff();
        $heard = $this->send('GET', '/api/recordings/'.$id);
        self::assertTrue($heard['kept']);
        $this->browser->request('GET', "/api/recordings/$id/sound.wav");
        self::assertSame(200, $this->response()->getStatusCode());
        self::assertSame('audio/wav', $this->response()->headers->get('Content-Type'));
        self::assertSame(self::file('singles-30db.wav'), $this->browser->getInternalResponse()->getContent());
        $this->send('DELETE', '/api/recordings/'.$id, null, self::change($heard['version'] - 1));
        $this->assertStatus(409);
        $gone = $this->send('DELETE', '/api/recordings/'.$id, null, self::change($heard['version']));
        $this->assertStatus(200);
        self::assertFalse($gone['kept']);
        $this->browser->request('GET', "/api/recordings/$id/sound.wav");
        self::assertSame(404, $this->response()->getStatusCode());
    }

    public function testTheSameRecordingIsTakenOnce(): void
    {
        $this->signInto();
        $id = self::id();
        $this->sendFile($id, self::file('s16-8000-1.wav'));
        $this->assertStatus(201);
        $this->sendFile($id, self::file('s16-8000-1.wav'));
        $this->assertStatus(200);
        $this->sendFile($id, self::file('s16-8000-1.wav'), '?keep=1');
        $this->assertStatus(409);
        $this->sendFile($id, self::file('s16-8000-1.wav').'one sound more');
        $this->assertStatus(409);
    }

    public function testAFullDiskIsToldAndNothingOfItIsKept(): void
    {
        $full = fopen('/dev/full', 'w');
        $sound = fopen('php://memory', 'w+');
        self::assertIsResource($full);
        self::assertIsResource($sound);
        fwrite($sound, str_repeat('s', 200_000));
        rewind($sound);
        $this->expectException(StorageFull::class);
        WholeCopy::of($sound, $full);
    }

    public function testAGymThatKeepsAsMuchAsItMayIsTold(): void
    {
        $gym = $this->signInto();
        $this->sendFile(self::id(), self::file('s16-8000-1.wav'), '?keep=1');
        $this->assertStatus(201);
        $scope = self::service(GymScope::class);
        $scope->enter($gym);
        $with = static fn (int $bytes): GymFiles => new GymFiles(
            'recording',
            $bytes,
            'over %s MB',
            self::service(GymDatabase::class),
            self::service(ClockInterface::class),
        );
        $with(10_000_000)->needRoom();
        try {
            $with(10)->needRoom();
            self::fail('there is room for more than 10 bytes');
        } catch (StorageFull $e) {
            self::assertSame(507, $e->problem()->status);
        } finally {
            $scope->leave();
        }
    }

    public function testSilenceIsToldAsSuch(): void
    {
        $this->signInto();
        $id = self::id();
        $this->sendFile($id, self::file('u8-22050-1.wav'));
        self::workOff();
        $heard = $this->send('GET', '/api/recordings/'.$id);
        self::assertSame('done', $heard['state']);
        self::assertFalse($heard['heard']['counts']);
        self::assertStringContainsString('too few to count', $heard['heard']['verdict']['sentence']);
    }

    #[DataProvider('bad')]
    public function testAWrongFileIsRefusedAtOnceAndNothingOfItIsKept(string $bytes, string $sentence): void
    {
        $this->signInto();
        $id = self::id();
        $refused = $this->sendFile($id, $bytes);
        $this->assertStatus(422);
        self::assertStringContainsString($sentence, $refused['detail']);
        $gym = self::connection()->fetchOne('SELECT gym_id FROM coach ORDER BY id DESC LIMIT 1');
        self::assertNotFalse($gym);
        self::assertSame(
            0,
            (int) self::connection()->fetchOne('SELECT COUNT(*) FROM job WHERE id = UNHEX(?)', [
                self::bare($id),
            ]),
        );
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function bad(): iterable
    {
        $good = self::file('s16-8000-1.wav');
        yield 'empty' => ['', 'it is empty'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n".str_repeat("\0", 100), 'does not begin with RIFF'];
        yield 'a text' => ['time_s,channel', 'does not begin with RIFF'];
        yield 'absurd rate' => [
            substr_replace($good, pack('V', 4_000_000_000), 24, 4),
            'Samples a second 4000000000: between',
        ];
        yield 'only a head' => [substr($good, 0, 36), 'ends before the sound begins'];
    }

    public function testOneThatIsCutOffIsToldWhenItWasHeard(): void
    {
        $this->signInto();
        $id = self::id();
        $this->sendFile($id, substr(self::file('singles-30db.wav'), 0, 100_000));
        $this->assertStatus(201);
        self::workOff();
        $heard = $this->send('GET', '/api/recordings/'.$id);
        self::assertSame('refused', $heard['state']);
        self::assertSame('The file is cut off: it says 8.0 s of sound and holds 3.1 s.', $heard['fault']);
        self::assertFalse($heard['kept']);
    }

    public function testOneThatItsWorkersDiedOfIsGivenUpAndItsSoundIsGone(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->sendFile($id, self::file('s16-8000-1.wav'), '?keep=1');
        self::connection()->executeStatement(
            "UPDATE job SET state = 'reading', tries = 3, beat_at = '2020-01-01 00:00:00' WHERE id = UNHEX(?)",
            [self::bare($id)],
        );
        self::workOff();
        $failed = $this->send('GET', '/api/recordings/'.$id);
        self::assertSame(['failed', false], [$failed['state'], $failed['kept']]);
        self::assertStringContainsString('has given up', $failed['fault']);
        self::assertNull($failed['heard']);
        $scope = self::service(GymScope::class);
        $scope->enter($gym);
        self::assertFalse(self::files('recordings')->has(UuidV7::fromString($id)));
        $scope->leave();
    }

    public function testFilesOfOneGymAreNotThoseOfAnother(): void
    {
        $this->signInto();
        $id = self::id();
        $this->sendFile($id, self::file('s16-8000-1.wav'), '?keep=1');
        $files = self::files('recordings');
        $scope = self::service(GymScope::class);
        $scope->enter(new UuidV7());
        self::assertFalse($files->has(UuidV7::fromString($id)));
        $scope->leave();
        self::workOff();
    }

    public function testWhatNobodyHeardOrMeantToKeepIsForgottenAfterAWeek(): void
    {
        $gym = $this->signInto();
        $ids = [];
        foreach (['kept' => '?keep=1', 'fresh' => '', 'old' => ''] as $name => $query) {
            $ids[$name] = self::id();
            $this->sendFile($ids[$name], self::file('s16-8000-1.wav'), $query);
            if ('kept' === $name) {
                self::workOff();
            }
        }
        $scope = self::service(GymScope::class);
        $scope->enter($gym);
        $age = 'UPDATE gym_file SET begun_at = NOW() - INTERVAL 8 DAY WHERE id IN (UNHEX(?), UNHEX(?))';
        self::connection()->executeStatement($age, [self::bare($ids['kept']), self::bare($ids['old'])]);
        self::service(ForgetRecordings::class)->doIt();
        $has = static fn (string $name): bool => self::files('recordings')->has(UuidV7::fromString($ids[$name]));
        self::assertSame([true, true, false], [$has('kept'), $has('fresh'), $has('old')]);
        $scope->leave();
        self::workOff();
    }

    private static function bare(string $id): string
    {
        return str_replace('-', '', $id);
    }

    private static function file(string $name): string
    {
        return (string) file_get_contents(self::FILES.$name);
    }

    /**
     * @return array<mixed>
     */
    private function sendFile(string $id, string $bytes, string $query = ''): array
    {
        return $this->send('PUT', '/api/recordings/'.$id.$query, $bytes, ['Content-Type' => 'audio/wav']);
    }
}
