<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * The athletes of the current gym.
 */
final readonly class Athletes
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such athlete, removed or not */
    public function get(Uuid $id): Athlete
    {
        return $this->database->entities()->find(Athlete::class, ['gymId' => $this->scope->gymId(), 'id' => $id]) ?? throw UnknownRow::of('athlete', $id);
    }

    /**
     * @return list<Athlete> those not removed, by name
     */
    public function present(): array
    {
        /** @var list<Athlete> $athletes */
        $athletes = $this->database->entities()
            ->createQuery('SELECT a FROM '.Athlete::class.' a WHERE a.removedAt IS NULL ORDER BY a.profile.name, a.id')
            ->getResult();

        return $athletes;
    }

    public function add(Athlete $athlete): void
    {
        $this->database->entities()->persist($athlete);
    }
}
