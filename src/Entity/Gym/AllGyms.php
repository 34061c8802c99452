<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\Core\Measure\LengthUnit;

/**
 * The gyms of this machine. For those who run it; nobody who is signed in gets here.
 */
final readonly class AllGyms
{
    public function __construct(private ManagerRegistry $registry, private GymDatabase $database, private GymScope $scope)
    {
    }

    /**
     * @return list<GymOverview> by name
     */
    public function all(): array
    {
        $connection = $this->registry->getConnection();
        \assert($connection instanceof Connection);
        $rows = $connection->fetchAllNumeric(
            'SELECT g.id, g.name, g.time_zone, g.unit, (SELECT COUNT(*) FROM athlete a WHERE a.gym_id = g.id AND a.removed_at IS NULL),
                (SELECT COUNT(*) FROM coach c WHERE c.gym_id = g.id) FROM gym g ORDER BY g.name, g.id',
        );

        return array_map(static function (array $row): GymOverview {
            [$id, $name, $zone, $unit] = array_map(static fn (mixed $one): string => \is_string($one) ? $one : '', $row);
            [, , , , $athletes, $coaches] = array_map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0, $row);

            return new GymOverview(Uuid::fromBinary($id), $name, $zone, LengthUnit::from($unit), $athletes, $coaches);
        }, $rows);
    }

    /** @return GymOverview|null null: there is none of that name, or of that id */
    public function called(string $nameOrId): ?GymOverview
    {
        foreach ($this->all() as $gym) {
            if (mb_strtolower($gym->name) === mb_strtolower($nameOrId) || $gym->id->toRfc4122() === $nameOrId) {
                return $gym;
            }
        }

        return null;
    }

    public function hasDemo(): bool
    {
        return null !== $this->called(Gym::DEMO_ID);
    }

    /** Whether the first gym of somebody's own is still to be made. */
    public function noneButTheDemo(): bool
    {
        return [] === array_filter($this->all(), static fn (GymOverview $gym): bool => Gym::DEMO_ID !== $gym->id->toRfc4122());
    }

    /**
     * Both or neither: nobody could sign in to a gym without its first coach.
     *
     * @param callable(): void $guard in the same transaction, first of all; throws when it must not be
     */
    public function add(Gym $gym, Coach $first, callable $guard): void
    {
        $this->scope->enter($gym->id());
        $this->database->entities()->wrapInTransaction(static function (EntityManagerInterface $manager) use ($gym, $first, $guard): void {
            $guard();
            $manager->persist($gym);
            $manager->flush();
            $manager->persist($first);
        });
    }
}
