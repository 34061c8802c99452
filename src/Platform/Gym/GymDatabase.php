<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Bridge\Doctrine\Types\UuidType;

/**
 * The one door to the rows of the current gym: entities through a filtered manager, native SQL through statements
 * that must name the gym. Nothing else may take a connection or a manager (tests/Architecture sees to it).
 */
final readonly class GymDatabase
{
    public function __construct(private ManagerRegistry $registry, private GymScope $scope)
    {
    }

    /** The current manager, which a retry may have replaced: never keep it. */
    public function entities(): EntityManagerInterface
    {
        $manager = $this->registry->getManager();
        if (!$manager instanceof EntityManagerInterface) {
            throw new \LogicException('the entity manager is not one');
        }
        $manager
            ->getFilters()
            ->enable(GymFilter::NAME)
            ->setParameter(GymFilter::PARAMETER, bin2hex($this->scope->gymId()->toBinary()));

        return $manager;
    }

    /**
     * @param array<string, mixed>  $values
     * @param array<string, string> $types
     *
     * @return list<array<string, mixed>>
     *
     * @throws \LogicException when the statement does not say `:gym`
     */
    public function rows(string $sql, array $values = [], array $types = []): array
    {
        return $this->connection($sql)->fetchAllAssociative($sql, $this->bound($values), $this->types($types));
    }

    /**
     * @param array<string, mixed>  $values
     * @param array<string, string> $types
     *
     * @return int how many rows it changed
     *
     * @throws DriverException when the database refuses it
     * @throws \LogicException when the statement does not say `:gym`
     */
    public function execute(string $sql, array $values = [], array $types = []): int
    {
        return (int) $this->connection($sql)->executeStatement($sql, $this->bound($values), $this->types($types));
    }

    private function connection(string $sql): Connection
    {
        if (1 !== preg_match('/:gym\b/', $sql)) {
            throw new \LogicException('a statement must name the gym: '.$sql);
        }

        $connection = $this->registry->getConnection();

        return $connection instanceof Connection ? $connection : throw new \LogicException('the connection is not one');
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private function bound(array $values): array
    {
        return ['gym' => $this->scope->gymId()] + $values;
    }

    /**
     * @param array<string, string> $types
     *
     * @return array<string, string>
     */
    private function types(array $types): array
    {
        return ['gym' => UuidType::NAME] + $types;
    }
}
