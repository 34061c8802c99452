<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

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

    public function byEmail(string $email): ?Coach
    {
        return $this->registry->getRepository(Coach::class)->findOneBy(['email' => $email]);
    }

    /** @throws UnknownRow when there is none */
    public function get(Uuid $id): Coach
    {
        return $this->registry->getRepository(Coach::class)->findOneBy(['id' => $id]) ??
            throw UnknownRow::of('coach', $id);
    }
}
