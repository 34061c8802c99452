<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Doctrine\DBAL\Connection;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Sees to the chores of all gyms, one after the other.
 */
final readonly class Chores
{
    /**
     * @param iterable<Chore> $chores
     */
    public function __construct(
        #[Autowire(service: 'doctrine.dbal.jobs_connection')] private Connection $connection,
        private GymScope $scope,
        private LoggerInterface $logger,
        #[AutowireIterator('zumbo.chore')] private iterable $chores,
    ) {
    }

    public function doAll(): void
    {
        foreach ($this->connection->fetchFirstColumn('SELECT id FROM gym') as $gym) {
            $this->scope->enter(Uuid::fromBinary(\is_string($gym) ? $gym : ''));
            try {
                foreach ($this->chores as $chore) {
                    $chore->doIt();
                }
            } catch (\Throwable $e) {
                $this->logger->error('a chore failed', ['exception' => $e]);
            } finally {
                $this->scope->leave();
            }
        }
    }
}
