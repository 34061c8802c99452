<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in the application's own database. No lock is taken: a lock would make one coach's requests wait for each
 * other.
 */
final class SessionStore
{
    public const TABLE = 'sessions';

    public static function overConnection(Connection $connection): PdoSessionHandler
    {
        $pdo = $connection->getNativeConnection();

        return $pdo instanceof \PDO
            ? new RestingSessions($pdo, self::TABLE)
            : throw new \LogicException('sessions need a PDO connection');
    }
}
