<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\File;

use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Types\Types;
use Psr\Clock\ClockInterface;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Problem\BadField;

/**
 * Files of one kind that the current gym has, each named by an id. They lie in the database, in pieces: that is where every
 * machine of a cluster reaches them, and where they go with the transaction that deletes them. Each transfer is a copy of its own,
 * so that a file is whole or not there. Which kinds there are stands in config/services.yaml.
 */
final readonly class GymFiles
{
    /** A piece is written and deleted by itself: a cluster sends every transaction to all its databases, whole. */
    private const PIECE_BYTES = 524_288;
    private const PIECES_AT_ONCE = 4;

    /** A transfer that has not ended by then never does. */
    private const COMING = '-1 hour';

    private const TYPES = ['id' => UuidType::NAME, 'copy' => UuidType::NAME, 'content' => Types::BINARY];

    /** What MariaDB says where its disk is full: ER_DISK_FULL, ER_ERROR_ON_WRITE, ER_RECORD_FILE_FULL. */
    private const NO_ROOM = [1021, 1026, 1114];

    public function __construct(
        private string $kind,
        /** A gym's share. */
        private int $quotaBytes,
        /** What is said when it is used up, with a place for the megabytes. */
        private string $full,
        private GymDatabase $database,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Outside of a transaction, piece by piece.
     *
     * @throws StorageFull when there is no room for all of it; then nothing of it is left
     * @throws BadField    when less came than was announced; nothing of it is left either
     */
    public function keep(Uuid $id, IncomingFile $from): WholeCopy
    {
        $copy = new UuidV7();
        try {
            $this->execute(
                "INSERT INTO gym_file (gym_id, copy, kind, id, state, bytes, begun_at) VALUES (:gym, :copy, :kind, :id, 'coming', 0, :now)",
                ['copy' => $copy, 'id' => $id, 'now' => $this->clock->now()->format('Y-m-d H:i:s')],
            );
            $whole = WholeCopy::inPieces($from->stream, self::PIECE_BYTES, fn (int $at, string $content) => $this->execute(
                'INSERT INTO gym_file_piece (gym_id, copy, at_byte, content) VALUES (:gym, :copy, :at, :content)',
                ['copy' => $copy, 'at' => $at, 'content' => $content],
            ));
            if (null !== $from->announcedBytes && $from->announcedBytes !== $whole->bytes) {
                throw BadField::of('file', $whole->bytes.' bytes', "all $from->announcedBytes bytes that were announced");
            }
        } catch (StorageFull|BadField $e) {
            $this->drop($copy);
            throw $e;
        }
        // What was there under that id goes as this one comes.
        $this->execute(
            "UPDATE gym_file SET bytes = IF(copy = :copy, :bytes, bytes), state = IF(copy = :copy, 'whole', 'gone')
             WHERE gym_id = :gym AND kind = :kind AND id = :id AND (copy = :copy OR state = 'whole')",
            ['copy' => $copy, 'id' => $id, 'bytes' => $whole->bytes],
        );

        return $whole;
    }

    /** @throws StorageFull when this gym keeps as much as it may */
    public function needRoom(): void
    {
        $kept = $this->rows("SELECT SUM(bytes) AS bytes FROM gym_file WHERE gym_id = :gym AND kind = :kind AND state = 'whole'");
        if (self::number($kept[0]['bytes'] ?? null) >= $this->quotaBytes) {
            throw StorageFull::quota($this->quotaBytes, $this->full);
        }
    }

    public function has(Uuid $id): bool
    {
        return null !== $this->whole($id);
    }

    /** How long it is; null when there is none. */
    public function bytes(Uuid $id): ?int
    {
        return $this->whole($id)['bytes'] ?? null;
    }

    /**
     * @return resource all of it, to be read from its beginning; whoever closes it leaves nothing behind
     */
    public function open(Uuid $id)
    {
        $copy = fopen('php://temp', 'w+');
        if (false === $copy) {
            throw new \RuntimeException('there is no place for a copy of '.$id->toRfc4122());
        }
        foreach ($this->read($id) as $piece) {
            if (\strlen($piece) !== @fwrite($copy, $piece)) {
                throw StorageFull::disk();
            }
        }
        rewind($copy);

        return $copy;
    }

    /**
     * @param int|null $before the byte it ends before; null: to its end
     *
     * @return \Generator<int, string>
     */
    public function read(Uuid $id, int $from = 0, ?int $before = null): \Generator
    {
        $whole = $this->whole($id) ?? throw new \RuntimeException('the file is gone: '.$id->toRfc4122());
        $before ??= $whole['bytes'];
        while ($from < $before) {
            $piece = $this->rows(
                'SELECT at_byte, content FROM gym_file_piece WHERE gym_id = :gym AND copy = :copy AND at_byte <= :from
                 ORDER BY at_byte DESC LIMIT 1',
                ['copy' => $whole['copy'], 'from' => $from],
            )[0] ?? [];
            $at = self::number($piece['at_byte'] ?? null);
            $part = substr(\is_string($content = $piece['content'] ?? '') ? $content : '', $from - $at, $before - $from);
            if ('' === $part) {
                throw new \RuntimeException('the file went while it was read: '.$id->toRfc4122());
            }
            yield $part;
            $from += \strlen($part);
        }
    }

    /** Nobody finds it from here on, or from the end of the caller's transaction on; sweep() takes its bytes away. */
    public function delete(Uuid $id): void
    {
        $this->execute(
            "UPDATE gym_file SET state = 'gone' WHERE gym_id = :gym AND kind = :kind AND id = :id AND state = 'whole'",
            ['id' => $id],
        );
    }

    /** Of the whole gym, with all bytes. */
    public function deleteAll(): void
    {
        $this->execute("UPDATE gym_file SET state = 'gone' WHERE gym_id = :gym AND kind = :kind");
        $this->sweep();
    }

    /** Takes away what was deleted, replaced, or never came whole. Outside of a transaction, piece by piece. */
    public function sweep(): void
    {
        $left = $this->rows(
            "SELECT copy FROM gym_file WHERE gym_id = :gym AND kind = :kind
             AND (state = 'gone' OR (state = 'coming' AND begun_at < :since))",
            ['since' => $this->clock->now()->modify(self::COMING)->format('Y-m-d H:i:s')],
        );
        foreach (self::ids($left, 'copy') as $copy) {
            $this->drop($copy);
        }
    }

    /**
     * @return list<Uuid> of those that came whole before
     */
    public function olderThan(\DateTimeImmutable $instant): array
    {
        return self::ids($this->rows(
            "SELECT id FROM gym_file WHERE gym_id = :gym AND kind = :kind AND state = 'whole' AND begun_at < :instant",
            ['instant' => $instant->format('Y-m-d H:i:s')],
        ), 'id');
    }

    private function drop(Uuid $copy): void
    {
        $pieces = 'DELETE FROM gym_file_piece WHERE gym_id = :gym AND copy = :copy ORDER BY at_byte LIMIT '.self::PIECES_AT_ONCE;
        while (0 < $this->execute($pieces, ['copy' => $copy])) {
        }
        $this->execute('DELETE FROM gym_file WHERE gym_id = :gym AND copy = :copy', ['copy' => $copy]);
    }

    /** @return array{copy: Uuid, bytes: int}|null */
    private function whole(Uuid $id): ?array
    {
        $row = $this->rows(
            "SELECT copy, bytes FROM gym_file WHERE gym_id = :gym AND kind = :kind AND id = :id AND state = 'whole'",
            ['id' => $id],
        );

        return [] === $row ? null : ['copy' => self::ids($row, 'copy')[0], 'bytes' => self::number($row[0]['bytes'])];
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return list<array<string, mixed>>
     */
    private function rows(string $sql, array $values = []): array
    {
        return $this->database->rows($sql, ['kind' => $this->kind] + $values, self::TYPES);
    }

    /**
     * @param array<string, mixed> $values
     *
     * @throws StorageFull
     */
    private function execute(string $sql, array $values = []): int
    {
        try {
            return $this->database->execute($sql, ['kind' => $this->kind] + $values, self::TYPES);
        } catch (DriverException $e) {
            throw \in_array($e->getCode(), self::NO_ROOM, true) ? StorageFull::disk() : $e;
        }
    }

    private static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<Uuid>
     */
    private static function ids(array $rows, string $column): array
    {
        return array_map(static fn (array $row): Uuid => Uuid::fromBinary(\is_string($row[$column]) ? $row[$column] : ''), $rows);
    }
}
