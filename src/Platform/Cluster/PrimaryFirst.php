<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Cluster;

use Doctrine\DBAL\Connections\PrimaryReadReplicaConnection;
use Doctrine\DBAL\Driver\Connection as DriverConnection;

/**
 * The database that is written to, and others to read from. Nobody reads from the others who has not chosen to: a session that has
 * just begun, or what somebody has just written, need not be there yet.
 */
final class PrimaryFirst extends PrimaryReadReplicaConnection
{
    protected function performConnect(?string $connectionName = null): DriverConnection
    {
        return parent::performConnect($connectionName ?? (null === $this->_conn ? 'primary' : null));
    }
}
