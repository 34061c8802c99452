<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions that are not written down again at each request: that one is still used is noted every five minutes.
 */
final class RestingSessions extends PdoSessionHandler
{
    /** As framework.session.metadata_update_threshold. */
    private const REST_S = 300;

    public function __construct(private readonly \PDO $connection, private readonly string $table)
    {
        parent::__construct($connection, ['db_table' => $table, 'lock_mode' => self::LOCK_NONE]);
    }

    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        $rested = $this->connection->prepare("SELECT 1 FROM $this->table WHERE sess_id = :id AND sess_time < :before");
        $rested->execute(['id' => $sessionId, 'before' => time() - self::REST_S]);

        return false === $rested->fetchColumn() || parent::updateTimestamp($sessionId, $data);
    }
}
