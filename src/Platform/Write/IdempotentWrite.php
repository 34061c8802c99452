<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Lets a write happen once, however often the client sends it: its id and the hash of its body are kept in the same
 * transaction. A creation's id is the id of what it creates.
 */
final readonly class IdempotentWrite
{
    public function __construct(
        private Transaction $transaction,
        private GymDatabase $database,
        private WrittenRevision $written,
    ) {
    }

    /**
     * A change to a row that is there: once, and only from the version that is there now; else a VersionConflict.
     *
     * @template Row of VersionedRow
     *
     * @param callable(): Row       $find
     * @param callable(Row): void   $change
     * @param callable(Row): object $show   what the client is told instead, after a conflict
     *
     * @throws MutationReused when the mutation's id came before with another subject or body
     */
    public function change(
        WriteCondition $condition,
        Subject $subject,
        mixed $body,
        callable $find,
        callable $change,
        callable $show,
    ): void {
        $this->run($condition->mutationId, $subject, $body, static function () use (
            $condition,
            $find,
            $change,
            $show,
        ): void {
            $row = $find();
            if ($row->version() !== $condition->versionSeen) {
                throw VersionConflict::between($condition->versionSeen, $row->version(), $show($row));
            }
            $change($row);
        });
    }

    /**
     * @param Subject          $subject what is written, like "PUT athlete 0193…"
     * @param mixed            $body    the input as sent, JSON-serialisable
     * @param callable(): void $apply   runs at most once per id
     *
     * @return bool true when it was applied now, false when it had been before
     *
     * @throws MutationReused when the id came before with another subject or body
     */
    public function run(Uuid $id, Subject $subject, mixed $body, callable $apply): bool
    {
        $hash = hash(
            'sha256',
            json_encode([(string) $subject, $body], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
            true,
        );

        return $this->once($id, $subject->kind, function () use ($id, $hash, $subject, $apply): void {
            $seen = $this->database->rows(
                'SELECT body_hash, revision FROM mutation WHERE gym_id = :gym AND id = :id',
                ['id' => $id],
                ['id' => UuidType::NAME],
            );
            if ([] !== $seen) {
                if ($seen[0]['body_hash'] !== $hash) {
                    throw MutationReused::of($id);
                }
                \assert(is_numeric($seen[0]['revision']));
                throw AlreadyWritten::at((int) $seen[0]['revision']);
            }
            $this->database->execute(
                'INSERT INTO mutation (gym_id, id, body_hash, revision) SELECT :gym, :id, :hash, revision
                 FROM gym WHERE id = :gym',
                ['id' => $id, 'hash' => $hash],
                ['id' => UuidType::NAME],
            );
            $this->database->execute(
                'INSERT INTO gym_change (gym_id, revision, kind, row_id) SELECT :gym, revision, :kind, :row
                 FROM gym WHERE id = :gym',
                ['kind' => $subject->kind, 'row' => $subject->id],
                ['row' => UuidType::NAME],
            );
            $apply();
        });
    }

    /**
     * A row may have come by an import or the demo, which are no mutations: its id is taken all the same.
     *
     * @param callable(): void $useCase
     */
    private function once(Uuid $id, string $kind, callable $useCase): bool
    {
        try {
            $this->transaction->run($useCase, $kind);

            return true;
        } catch (AlreadyWritten $e) {
            // Whoever asks again hears of the revision that it had then; a screen that is behind asks for it.
            $this->written->note($e->revision);

            return false;
        } catch (UniqueConstraintViolationException $e) {
            throw str_contains($e->getMessage(), "for key 'PRIMARY'") ? MutationReused::of($id) : $e;
        }
    }
}
