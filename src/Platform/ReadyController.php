<?php

declare(strict_types=1);

namespace Zumbo\App\Platform;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Says whether coaches can be served: PHP answers, the database does, and its tables are there; else the answer is 503.
 */
final readonly class ReadyController
{
    public function __construct(private Connection $connection)
    {
    }

    #[Route('/api/ready', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        $this->connection->executeQuery('SELECT id FROM gym LIMIT 1');

        return new JsonResponse(['php' => true, 'database' => true]);
    }
}
