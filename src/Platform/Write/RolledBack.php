<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\RetryableException;

/**
 * Tells whether the database has rolled a transaction back by itself: a deadlock, a wait that was too long, or a commit that another
 * database of a cluster was before (certification). Then all of it may run again.
 */
final class RolledBack
{
    /** The savepoint of a flush went with its transaction: that is what is told where a flush is rolled back afterwards. */
    private const NO_SAVEPOINT = 1305;

    public static function is(\Throwable $e): bool
    {
        for ($cause = $e; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof RetryableException) {
                return true;
            }
            if ($cause instanceof DriverException && self::NO_SAVEPOINT === $cause->getCode()) {
                return true;
            }
        }

        return false;
    }
}
