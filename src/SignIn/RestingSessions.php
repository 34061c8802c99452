<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions that are not written down again at each request. That one is still used is noted by its own data: it changes
 * every five minutes (framework.session.metadata_update_threshold), and with it the row.
 */
final class RestingSessions extends PdoSessionHandler
{
    public function __construct(\PDO $connection, string $table)
    {
        parent::__construct($connection, ['db_table' => $table, 'lock_mode' => self::LOCK_NONE]);
    }

    public function updateTimestamp(#[\SensitiveParameter] string $sessionId, string $data): bool
    {
        return true;
    }
}
