<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Clock;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Milliseconds since 1970 as the machine counts them: what clocks in a hall are set by. It goes on also where the day of the
 * application stands still, and is never shown as a date. Machines of a cluster may differ by a second, which a hall would hear:
 * there it is the time of the database that all of them write to.
 */
final readonly class HallTime
{
    public function __construct(
        #[Autowire(service: 'doctrine.dbal.default_connection')] private Connection $database,
        #[Autowire('%env(bool:default::ZUMBO_CLUSTER_MEMBER)%')] private bool $cluster = false,
    ) {
    }

    public function nowMs(): int
    {
        if ($this->cluster) {
            $ms = $this->database->fetchOne('SELECT FLOOR(1000 * UNIX_TIMESTAMP(SYSDATE(3)))');
            \assert(is_numeric($ms));

            return (int) $ms;
        }

        return (int) floor(1000 * microtime(true));
    }
}
