<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

use Doctrine\DBAL\Exception\ConnectionException;

/**
 * Tells whether something failed because the database could not be reached: then waiting helps, and nothing was changed.
 */
final class DatabaseAway
{
    /**
     * Too many connections, shutting down, no socket, gone away, lost during the query; of a cluster: a database without a quorum,
     * one that lost it during the commit, a connection that was ended from elsewhere.
     */
    private const CODES = [1040, 1053, 2002, 2003, 2006, 2013, 1047, 1180, 1927];

    public static function is(\Throwable $e): bool
    {
        for ($cause = $e; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof ConnectionException) {
                return true;
            }
            if ($cause instanceof \PDOException) {
                return \in_array($cause->errorInfo[1] ?? $cause->getCode(), self::CODES, true);
            }
        }

        return false;
    }
}
