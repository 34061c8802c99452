<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * The sound files of the current gym on the server's own disk, one folder for each gym. They leave it only to whoever
 * may listen.
 */
final readonly class RecordingFiles
{
    private const PIECE_BYTES = 65_536;

    public function __construct(
        #[Autowire('%env(default:zumbo.recordings:ZUMBO_RECORDINGS)%')] private string $folder,
        private GymScope $scope,
        private Filesystem $disk,
        /** A gym's share of the disk: about twelve hours of sound. */
        private int $quotaBytes = 4_000_000_000,
    ) {
    }

    /**
     * @param resource $from
     *
     * @throws StorageFull when there is no room for all of it; then nothing of it is left
     */
    public function keep(Uuid $id, $from): WholeCopy
    {
        $path = $this->path($id);
        $this->disk->mkdir(\dirname($path));
        // Beside it first: half a file never stands under its name.
        $part = $path.'.'.bin2hex(random_bytes(4)).'.part';
        $to = fopen($part, 'w');
        if (false === $to) {
            throw new \RuntimeException('the folder of recordings can not be written');
        }
        try {
            $copy = WholeCopy::of($from, $to);
        } catch (StorageFull $e) {
            $this->disk->remove($part);
            throw $e;
        } finally {
            fclose($to);
        }
        $this->disk->rename($part, $path, true);

        return $copy;
    }

    /** @throws StorageFull when this gym keeps as much as it may */
    public function needRoom(): void
    {
        $kept = array_sum(array_map(static fn (string $path): int => (int) filesize($path), $this->paths()));
        if ($kept >= $this->quotaBytes) {
            throw StorageFull::quota($this->quotaBytes);
        }
    }

    /**
     * @return list<string>
     */
    private function paths(): array
    {
        return array_values(array_filter((array) glob(\dirname($this->path(new UuidV7())).'/*'), is_string(...)));
    }

    public function has(Uuid $id): bool
    {
        return is_file($this->path($id));
    }

    /**
     * @return \Generator<int, string>
     */
    public function read(Uuid $id): \Generator
    {
        $file = fopen($this->path($id), 'r');
        if (false === $file) {
            throw new \RuntimeException('the recording is gone');
        }
        while (!feof($file)) {
            yield (string) fread($file, self::PIECE_BYTES);
        }
        fclose($file);
    }

    public function delete(Uuid $id): void
    {
        $this->deletePath($this->path($id));
    }

    public function deletePath(string $path): void
    {
        $this->disk->remove($path);
    }

    /**
     * @return array<string, Uuid|null> path to id; null: a file that was never whole
     */
    public function olderThan(\DateTimeImmutable $instant): array
    {
        $old = [];
        foreach ($this->paths() as $path) {
            $name = basename($path, '.wav');
            if (filemtime($path) < $instant->getTimestamp()) {
                $old[$path] = Uuid::isValid($name) ? Uuid::fromString($name) : null;
            }
        }

        return $old;
    }

    public function path(Uuid $id): string
    {
        return \sprintf('%s/%s/%s.wav', $this->folder, $this->scope->gymId()->toRfc4122(), $id->toRfc4122());
    }
}
