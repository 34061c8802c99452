<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The coaches of the current gym.
 */
final readonly class GymCoaches
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function find(Uuid $id): ?Coach
    {
        return $this->database->entities()->find(Coach::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /** @throws UnknownRow when nobody of this gym has that id */
    public function get(Uuid $id): Coach
    {
        return $this->find($id) ?? throw UnknownRow::of('coach', $id);
    }

    /**
     * @return list<Coach> by name
     */
    public function all(): array
    {
        return $this->database
            ->entities()
            ->getRepository(Coach::class)
            ->findBy(['gymId' => $this->scope->gymId()], ['name' => 'ASC', 'id' => 'ASC']);
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
