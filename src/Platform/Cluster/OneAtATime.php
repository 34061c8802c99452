<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Cluster;

use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\SharedLockInterface;

/**
 * Locks that bind every machine, for what is counted: sixteen guesses at once at two machines were seven that counted as five. They
 * end by themselves after the store's own time (LocksInDatabase).
 */
final class OneAtATime extends LockFactory
{
    public function createLock(string $resource, ?float $ttl = null, bool $autoRelease = true): SharedLockInterface
    {
        // Whoever asks for a lock of a limiter can't say for how long: the framework's own wish is five minutes.
        return parent::createLock($resource, null, $autoRelease);
    }
}
