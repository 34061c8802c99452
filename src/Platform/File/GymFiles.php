<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\File;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;

/**
 * Files of one kind that the current gym has on the server's own disk, one folder for each gym, each named by an id.
 * Which kinds there are, and where they lie, stands in config/services.yaml.
 */
final readonly class GymFiles
{
    private const PIECE_BYTES = 65_536;

    public function __construct(
        private string $folder,
        /** Of the files' names, like wav. */
        private string $ending,
        /** A gym's share of the disk. */
        private int $quotaBytes,
        /** What is said when it is used up, with a place for the megabytes. */
        private string $full,
        private GymScope $scope,
        private Filesystem $disk,
    ) {
    }

    /**
     * @throws StorageFull when there is no room for all of it; then nothing of it is left
     * @throws BadField    when less came than was announced; nothing of it is left either
     */
    public function keep(Uuid $id, IncomingFile $from): WholeCopy
    {
        $path = $this->path($id);
        $this->disk->mkdir(\dirname($path));
        // Beside it first: half a file never stands under its name.
        $part = $path.'.'.bin2hex(random_bytes(4)).'.part';
        $to = fopen($part, 'w');
        if (false === $to) {
            throw new \RuntimeException('the folder of files can not be written: '.$this->folder);
        }
        try {
            $copy = WholeCopy::of($from->stream, $to);
            if (null !== $from->announcedBytes && $from->announcedBytes !== $copy->bytes) {
                throw BadField::of('file', $copy->bytes.' bytes', "all $from->announcedBytes bytes that were announced");
            }
        } catch (StorageFull|BadField $e) {
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
            throw StorageFull::quota($this->quotaBytes, $this->full);
        }
    }

    /**
     * @return list<string>
     */
    private function paths(): array
    {
        return array_values(array_filter((array) glob($this->gymFolder().'/*'), is_string(...)));
    }

    public function has(Uuid $id): bool
    {
        return is_file($this->path($id));
    }

    /**
     * @return resource
     */
    public function open(Uuid $id)
    {
        $file = @fopen($this->path($id), 'r');

        return false === $file ? throw new \RuntimeException('the file is gone: '.$id->toRfc4122()) : $file;
    }

    /**
     * @return \Generator<int, string>
     */
    public function read(Uuid $id): \Generator
    {
        $file = $this->open($id);
        while (!feof($file)) {
            yield (string) fread($file, self::PIECE_BYTES);
        }
        fclose($file);
    }

    public function delete(Uuid $id): void
    {
        $this->deletePath($this->path($id));
    }

    /** Of the whole gym. */
    public function deleteAll(): void
    {
        $this->disk->remove($this->gymFolder());
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
        // PHP remembers what it last saw of a file, and a worker lives long.
        clearstatcache();
        foreach ($this->paths() as $path) {
            $name = basename($path, '.'.$this->ending);
            if (filemtime($path) < $instant->getTimestamp()) {
                $old[$path] = Uuid::isValid($name) ? Uuid::fromString($name) : null;
            }
        }

        return $old;
    }

    public function path(Uuid $id): string
    {
        return \sprintf('%s/%s.%s', $this->gymFolder(), $id->toRfc4122(), $this->ending);
    }

    private function gymFolder(): string
    {
        return $this->folder.'/'.$this->scope->gymId()->toRfc4122();
    }
}
