<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Live\Hints;

/**
 * Runs a long piece of work so that all of it counts or nothing, without making the gym's others wait: they queue only
 * for its end. What they wrote meanwhile is looked at then; where the work relied on that, it begins anew, and at last
 * with everybody waiting, so that it comes to an end.
 */
final readonly class LongWrite
{
    private const TRIES_BESIDE_OTHERS = 3;
    private const MOST_TRIES = 8;

    public function __construct(
        private GymDatabase $database,
        private ManagerRegistry $registry,
        private GymScope $scope,
        private Hints $hints,
    ) {
    }

    public function run(Subject $subject, LongWork $work): void
    {
        for ($try = 1;; ++$try) {
            $alone = $try > self::TRIES_BESIDE_OTHERS;
            try {
                $revision = $this->once($subject, $work, $alone);
                if (null !== $revision) {
                    $this->hints->changed($this->scope->gymId(), $revision, $subject->kind);
                }

                return;
            } catch (\Throwable $e) {
                $again = RolledBack::is($e) ? $try < self::MOST_TRIES : !$alone && self::wasOvertaken($e);
                // After a commit that was refused PDO takes the connection to be in its transaction still.
                $this->database->entities()->getConnection()->close();
                $this->registry->resetManager();
                if (!$again) {
                    throw $e;
                }
            }
        }
    }

    private static function wasOvertaken(\Throwable $e): bool
    {
        return $e instanceof Overtaken || $e instanceof UniqueConstraintViolationException;
    }

    /** @return int|null the revision it raised the gym to; null: there was nothing to write */
    private function once(Subject $subject, LongWork $work, bool $alone): ?int
    {
        $connection = $this->database->entities()->getConnection();
        // Each new row points at its gym. Checked, that would hold the gym's row, and with it everybody, to the end; the
        // work has compared what its rows point at.
        $connection->executeStatement('SET SESSION foreign_key_checks = 0');
        $connection->beginTransaction();
        try {
            $turn = $alone ? $this->takeTurn($connection) : null;
            $seen = $this->revision();
            $writes = $work->write();
            if ($writes) {
                $turn ??= $this->turnUnlessUpset($connection, $seen, $work);
                $work->finish();
                $this->note($subject, $turn);
            }
            $writes ? $connection->commit() : $connection->rollBack();

            return $writes ? $turn : null;
        } catch (\Throwable $e) {
            if ($connection->isTransactionActive() && !RolledBack::is($e)) {
                $connection->rollBack();
            }
            throw $e;
        } finally {
            $connection->executeStatement('SET SESSION foreign_key_checks = 1');
        }
    }

    /** @return int the revision that is ours */
    private function takeTurn(Connection $connection): int
    {
        $this->database->execute('UPDATE gym SET revision = LAST_INSERT_ID(revision + 1) WHERE id = :gym');

        return (int) $connection->lastInsertId();
    }

    private function turnUnlessUpset(Connection $connection, int $seen, LongWork $work): int
    {
        $turn = $this->takeTurn($connection);
        // A reading that locks sees what was committed since; any other sees what was there when the work began.
        $changes = $this->database->rows(
            'SELECT kind, row_id FROM gym_change WHERE gym_id = :gym AND revision > :seen LOCK IN SHARE MODE',
            ['seen' => $seen],
        );
        if (\count($changes) !== $turn - 1 - $seen) {
            throw new Overtaken('something was written that left no word of what it was');
        }
        foreach ($changes as $change) {
            \assert(\is_string($change['kind']) && \is_string($change['row_id']));
            if ($work->isUpsetBy($change['kind'], Uuid::fromBinary($change['row_id']))) {
                throw new Overtaken('a write of the kind '.$change['kind'].' came between');
            }
        }

        return $turn;
    }

    private function revision(): int
    {
        $row = $this->database->rows('SELECT revision FROM gym WHERE id = :gym')[0] ?? [];

        return is_numeric($row['revision'] ?? null) ? (int) $row['revision'] : 0;
    }

    private function note(Subject $subject, int $revision): void
    {
        $this->database->execute(
            'INSERT INTO gym_change (gym_id, revision, kind, row_id) VALUES (:gym, :revision, :kind, :row)',
            ['revision' => $revision, 'kind' => $subject->kind, 'row' => $subject->id],
            ['row' => UuidType::NAME],
        );
    }
}
