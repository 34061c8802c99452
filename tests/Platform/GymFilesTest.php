<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\File\PartOfFile;
use Zumbo\App\Platform\File\StorageFull;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Files in the database: whole or not at all, read from any byte, gone when they are deleted.
 */
final class GymFilesTest extends ApiTestCase
{
    private const BYTES = 1_300_007;

    private string $sound;
    private GymFiles $files;

    protected function setUp(): void
    {
        parent::setUp();
        self::service(GymScope::class)->enter($this->signInto());
        $this->files = self::files('recordings');
        $this->sound = random_bytes(self::BYTES);
    }

    protected function tearDown(): void
    {
        self::connection()->executeStatement('DROP TRIGGER IF EXISTS full_disk');
        self::service(GymScope::class)->leave();
        parent::tearDown();
    }

    public function testEveryByteComesBackFromAnywhere(): void
    {
        $id = $this->keep($this->sound);
        self::assertSame(self::BYTES, $this->files->bytes($id));
        self::assertTrue($this->sound === implode('', iterator_to_array($this->files->read($id), false)));
        self::assertTrue($this->sound === stream_get_contents($this->files->open($id)));
        foreach ([[0, 1], [524_287, 524_289], [524_288, 524_289], [1_048_576, self::BYTES], [3, 1_200_000]] as [$from, $before]) {
            $part = implode('', iterator_to_array($this->files->read($id, $from, $before), false));
            self::assertTrue(substr($this->sound, $from, $before - $from) === $part, "from $from to $before");
        }
    }

    public function testWhatIsDeletedIsNotFoundAndItsBytesGo(): void
    {
        $id = $this->keep($this->sound);
        $other = $this->keep('another');
        $this->files->delete($id);
        self::assertFalse($this->files->has($id));
        $this->files->sweep();
        self::assertSame(['1', '1'], $this->rows());
        self::assertTrue($this->files->has($other));
        $this->files->deleteAll();
        self::assertSame(['0', '0'], $this->rows());
    }

    public function testASecondCopyReplacesTheFirst(): void
    {
        $id = $this->keep($this->sound);
        $this->keep('shorter', $id);
        self::assertSame('shorter', implode('', iterator_to_array($this->files->read($id), false)));
        $this->files->sweep();
        self::assertSame(['1', '1'], $this->rows());
    }

    public function testATransferThatBrokeOffIsNeverFoundAndGoesAfterAnHour(): void
    {
        $broken = fopen('php://temp', 'w+');
        self::assertIsResource($broken);
        fwrite($broken, 'half');
        rewind($broken);
        try {
            $this->files->keep(new UuidV7(), IncomingFile::ofStream($broken, 8));
            self::fail('half of it is taken for all');
        } catch (BadField) {
            self::assertSame(['0', '0'], $this->rows());
        }
        $id = $this->keep($this->sound);
        // As a machine that fell in the middle leaves it.
        self::connection()->executeStatement("UPDATE gym_file SET state = 'coming' WHERE id = ?", [$id->toBinary()]);
        self::assertFalse($this->files->has($id));
        $this->files->sweep();
        self::assertSame(['1', '3'], $this->rows(), 'it may still be coming');
        $age = 'UPDATE gym_file SET begun_at = begun_at - INTERVAL 61 MINUTE WHERE id = ?';
        self::connection()->executeStatement($age, [$id->toBinary()]);
        $this->files->sweep();
        self::assertSame(['0', '0'], $this->rows());
    }

    public function testAFullDiskIsToldAndNothingOfItIsKept(): void
    {
        // What MariaDB says where its disk is full, at the second piece.
        self::connection()->executeStatement(
            "CREATE TRIGGER full_disk BEFORE INSERT ON gym_file_piece FOR EACH ROW
             IF NEW.at_byte > 0 THEN SIGNAL SQLSTATE 'HY000' SET MYSQL_ERRNO = 1114, MESSAGE_TEXT = 'The table is full'; END IF",
        );
        try {
            $this->keep($this->sound);
            self::fail('there is room');
        } catch (StorageFull $e) {
            self::assertStringContainsString('disk of the server is full', $e->getMessage());
        }
        self::assertSame(['0', '0'], $this->rows());
    }

    /** RFC 9110, 14.1.2 and 14.2: the cases of its text, for a file of ten bytes. */
    public function testAPartIsAnsweredAsTheStandardSays(): void
    {
        $id = $this->keep('0123456789');
        foreach ([
            '' => [200, '0123456789', null],
            'bytes=0-4' => [206, '01234', 'bytes 0-4/10'],
            'bytes=5-' => [206, '56789', 'bytes 5-9/10'],
            'bytes=-3' => [206, '789', 'bytes 7-9/10'],
            'bytes=-30' => [206, '0123456789', 'bytes 0-9/10'],
            'bytes=8-99' => [206, '89', 'bytes 8-9/10'],
            'bytes=10-' => [416, '', 'bytes */10'],
            'bytes=-0' => [416, '', 'bytes */10'],
            'bytes=4-2' => [200, '0123456789', null],
            'bytes=0-0,4-5' => [200, '0123456789', null],
            'lines=1-2' => [200, '0123456789', null],
            'bytes=-' => [200, '0123456789', null],
        ] as $range => [$status, $body, $said]) {
            $request = new Request();
            $request->headers->set('Range', (string) $range);
            $answer = self::service(PartOfFile::class)->of($this->files, $id, 'audio/wav', $request) ?? self::fail('there is no file');
            self::assertSame([$status, $said], [$answer->getStatusCode(), $answer->headers->get('Content-Range')], (string) $range);
            ob_start();
            // The inner one is flushed with each piece.
            ob_start();
            $answer->sendContent();
            ob_end_flush();
            self::assertSame($body, ob_get_clean(), (string) $range);
            if ($answer instanceof StreamedResponse) {
                self::assertSame((string) \strlen($body), $answer->headers->get('Content-Length'));
            }
        }
        self::assertNull(self::service(PartOfFile::class)->of($this->files, new UuidV7(), 'audio/wav', new Request()));
    }

    private function keep(string $bytes, ?Uuid $id = null): Uuid
    {
        $stream = fopen('php://temp', 'w+');
        self::assertIsResource($stream);
        fwrite($stream, $bytes);
        rewind($stream);
        $copy = $this->files->keep($id ??= new UuidV7(), IncomingFile::ofStream($stream, \strlen($bytes)));
        self::assertSame([\strlen($bytes), hash('sha256', $bytes)], [$copy->bytes, $copy->sha256]);

        return $id;
    }

    /** @return list<string> how many files and pieces this gym has, in any state */
    private function rows(): array
    {
        $of = ['gym' => self::service(GymScope::class)->gymId()->toBinary()];
        $count = static function (string $table) use ($of): string {
            $rows = self::connection()->fetchOne("SELECT COUNT(*) FROM $table WHERE gym_id = :gym", $of);

            return is_numeric($rows) ? (string) $rows : '';
        };

        return [$count('gym_file'), $count('gym_file_piece')];
    }
}
