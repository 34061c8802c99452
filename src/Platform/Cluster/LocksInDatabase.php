<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Cluster;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\RetryableException;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Lock\Exception\LockConflictedException;
use Symfony\Component\Lock\Key;
use Symfony\Component\Lock\Store\DoctrineDbalStore;

/**
 * The framework's own store, which takes a deadlock for an error: where many ask at once for a lock that is just given back, InnoDB lets
 * one of them go on and refuses another. Whoever is refused has not got the lock, and asks again.
 */
final class LocksInDatabase extends DoctrineDbalStore
{
    /** A machine that fell while it held one holds up nobody for longer. */
    private const MOST_S = 10;

    private const MOST_TRIES = 5;

    public function __construct(#[Autowire(service: 'doctrine.dbal.jobs_connection')] Connection $connection)
    {
        parent::__construct($connection, initialTtl: self::MOST_S);
    }

    public function save(Key $key): void
    {
        try {
            parent::save($key);
        } catch (RetryableException $e) {
            throw new LockConflictedException('', 0, $e);
        }
    }

    public function delete(Key $key): void
    {
        for ($try = 1;; ++$try) {
            try {
                parent::delete($key);

                return;
            } catch (RetryableException $e) {
                if ($try >= self::MOST_TRIES) {
                    throw $e;
                }
            }
        }
    }
}
