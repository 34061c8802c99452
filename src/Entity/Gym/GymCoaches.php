<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * The coaches of the current gym.
 */
final readonly class GymCoaches
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function byEmail(string $email): ?Coach
    {
        return $this->database
            ->entities()
            ->getRepository(Coach::class)
            ->findOneBy(['gymId' => $this->scope->gymId(), 'email' => $email]);
    }

    public function add(Coach $coach): void
    {
        $this->database->entities()->persist($coach);
    }

    public function remove(Coach $coach): void
    {
        $this->database->entities()->remove($coach);
    }

    public function owners(): int
    {
        return $this->database
            ->entities()
            ->getRepository(Coach::class)
            ->count(['gymId' => $this->scope->gymId(), 'role' => Role::Owner]);
    }
}
