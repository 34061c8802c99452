<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\Persistence\ManagerRegistry;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Live\Hints;

/**
 * Runs a use case in one transaction that also raises the gym's revision. After a deadlock the whole use case runs
 * again with a fresh entity manager: half of it was rolled back, so half of it can't be kept.
 */
final readonly class Transaction
{
    private const MOST_TRIES = 5;

    public function __construct(
        private GymDatabase $database,
        private ManagerRegistry $registry,
        private GymScope $scope,
        private Hints $hints,
        private WrittenRevision $written,
    ) {
    }

    /**
     * @template T
     *
     * @param callable(): T $useCase reads and writes through GymDatabase and the records; must keep no entity between
     *                               tries
     * @param string|null   $kind    of row it is about, for the screens that hear of it
     *
     * @return T
     */
    public function run(callable $useCase, ?string $kind = null): mixed
    {
        for ($try = 1;; ++$try) {
            try {
                [$revision, $result] = $this->once($useCase);
                $this->hints->changed($this->scope->gymId(), $revision, $kind);

                return $result;
            } catch (RetryableException $e) {
                if ($try >= self::MOST_TRIES) {
                    throw $e;
                }
                $this->registry->resetManager();
                usleep(5000 * $try);
            }
        }
    }

    /**
     * @template T
     *
     * @param callable(): T $useCase
     *
     * @return array{int, T} the revision it raised the gym to, and its result
     */
    private function once(callable $useCase): array
    {
        $manager = $this->database->entities();
        $connection = $manager->getConnection();
        $connection->beginTransaction();
        try {
            // First of all, so that a gym's writers queue here instead of deadlocking later, and revisions follow
            // commits.
            $this->database->execute('UPDATE gym SET revision = LAST_INSERT_ID(revision + 1) WHERE id = :gym');
            $revision = (int) $connection->lastInsertId();
            $result = $useCase();
            $manager->flush();
            $connection->commit();
            $this->written->note($revision);

            return [$revision, $result];
        } catch (\Throwable $e) {
            if ($connection->isTransactionActive()) {
                $connection->rollBack();
            }
            throw $e;
        }
    }
}
