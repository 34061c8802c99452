<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Doctrine\DBAL\Connection;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The coaches of all gyms: the only records read before a gym is known.
 */
final readonly class Coaches
{
    public function __construct(private ManagerRegistry $registry)
    {
    }

    /** Asked at every request of somebody who is signed in: read without the entity manager. */
    public function byEmail(string $email): ?Coach
    {
        $connection = $this->registry->getConnection();
        \assert($connection instanceof Connection);
        $row = $connection->fetchNumeric(
            'SELECT gym_id, id, email, name, role, password_hash FROM coach WHERE email = ?',
            [$email],
        );
        if (false === $row) {
            return null;
        }
        [$gym, $id, $email, $name, $role, $hash] = array_map(static fn (mixed $one): string => \is_string($one) ? $one : '', $row);

        return new Coach(Uuid::fromBinary($gym), Uuid::fromBinary($id), $email, $name, Role::from($role), $hash);
    }

    /** @throws UnknownRow when there is none */
    public function get(Uuid $id): Coach
    {
        return $this->registry->getRepository(Coach::class)->findOneBy(['id' => $id]) ??
            throw UnknownRow::of('coach', $id);
    }
}
