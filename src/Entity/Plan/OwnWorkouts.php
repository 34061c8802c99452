<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The workouts that the current gym keeps.
 */
final readonly class OwnWorkouts
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such workout, removed or not */
    public function get(Uuid $id): OwnWorkout
    {
        return $this->database->entities()->find(OwnWorkout::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('workout', $id);
    }

    /**
     * @return list<OwnWorkout> not removed, by name
     */
    public function all(): array
    {
        /** @var list<OwnWorkout> $workouts */
        $workouts = $this->database
            ->entities()
            ->createQuery('SELECT w FROM '.OwnWorkout::class.' w WHERE w.removedAt IS NULL ORDER BY w.name, w.id')
            ->getResult();

        return $workouts;
    }

    public function add(OwnWorkout $workout): void
    {
        $this->database->entities()->persist($workout);
    }
}
