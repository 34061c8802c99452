<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Live\Hints;
use Zumbo\App\Platform\Problem\DatabaseAway;

/**
 * Runs a use case in one transaction that also raises the gym's revision. After a deadlock, or where another database of a cluster
 * was first (certification), the whole use case runs again with a fresh entity manager: half of it was rolled back, so half of it
 * can't be kept. Where the database went away it waits until another has taken over. Whether its commit was the last thing that
 * database did is not known then: a use case must be one that counts once (IdempotentWrite).
 */
final readonly class Transaction
{
    private const MOST_TRIES = 5;

    /**
     * Another database of a cluster has taken over within three seconds, as measured, and while it does two may be written to at once; a
     * request is held no longer than this. One database alone comes back later than anybody would wait: its screens hear at once that it
     * is away.
     */
    private const LONGEST_S = 5.0;
    private const WAIT_US = 400_000;

    public function __construct(
        private GymDatabase $database,
        private ManagerRegistry $registry,
        private GymScope $scope,
        private Hints $hints,
        private WrittenRevision $written,
        /** Several databases stand behind one address. */
        #[Autowire('%env(bool:default::ZUMBO_CLUSTER_MEMBER)%')] private bool $cluster = false,
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
        $until = microtime(true) + self::LONGEST_S;
        for ($tries = 1;; ++$tries) {
            try {
                [$revision, $result] = $this->once($useCase);
                $this->hints->changed($this->scope->gymId(), $revision, $kind);

                return $result;
            } catch (\Throwable $e) {
                $rolledBack = RolledBack::is($e);
                if (!$rolledBack && !DatabaseAway::is($e)) {
                    throw $e;
                }
                $this->beginAnew();
                $longer = $this->cluster && microtime(true) < $until;
                if (!$longer && (!$rolledBack || $tries >= self::MOST_TRIES)) {
                    throw $e;
                }
                // By chance, so that two who were in each other's way are not again.
                usleep($rolledBack ? random_int(2000, 8000 * $tries) : self::WAIT_US);
            }
        }
    }

    /** With a connection of its own: after a commit that was refused PDO takes the former one to be in its transaction still. */
    private function beginAnew(): void
    {
        $this->database->entities()->getConnection()->close();
        $this->registry->resetManager();
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
            if ($connection->isTransactionActive() && !DatabaseAway::is($e) && !RolledBack::is($e)) {
                $connection->rollBack();
            }
            throw $e;
        }
    }
}
