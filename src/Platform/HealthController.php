<?php

declare(strict_types=1);

namespace Zumbo\App\Platform;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Says that PHP answers; asks no database, so that it can be the empty route of the benchmarks.
 */
final class HealthController
{
    #[Route('/api/health', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['php' => true]);
    }
}
