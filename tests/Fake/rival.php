<?php

declare(strict_types=1);

/*
 * Another writer, as a process of its own: locks the first row, says so, then wants the second one and commits.
 * Arguments: connection parameters as JSON, the id it holds, the id it wants.
 */

use Doctrine\DBAL\DriverManager;
use Symfony\Component\Uid\Uuid;

require __DIR__.'/../../vendor/autoload.php';

[, $parameters, $held, $wanted] = $argv;
$connection = DriverManager::getConnection(json_decode($parameters, true, 8, \JSON_THROW_ON_ERROR));
$connection->beginTransaction();
// Many changed rows weigh more, so that MariaDB ends the other side of the deadlock.
for ($i = 0; $i < 20; ++$i) {
    $connection->insert('gym', [
        'id' => Uuid::v7()->toBinary(),
        'name' => 'Weight',
        'time_zone' => 'UTC',
        'unit' => 'cm',
    ]);
}
$raise = 'UPDATE gym SET revision = revision + 1 WHERE id = ?';
$connection->executeStatement($raise, [Uuid::fromString($held)->toBinary()]);
echo "holds\n";
$connection->executeStatement($raise, [Uuid::fromString($wanted)->toBinary()]);
$connection->commit();
