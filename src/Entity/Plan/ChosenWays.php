<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The ways of scaling that coaches of the current gym chose: of a workout, one for each athlete.
 */
final readonly class ChosenWays
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such choice, removed or not */
    public function get(Uuid $id): ChosenWay
    {
        return $this->database->entities()->find(ChosenWay::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('choice', $id);
    }

    /**
     * @return array<string, ChosenWay> of a workout, canonical; by athlete id
     */
    public function of(string $workout): array
    {
        /** @var list<ChosenWay> $rows */
        $rows = $this->database
            ->entities()
            ->createQuery(
                'SELECT w FROM '.ChosenWay::class.' w WHERE w.removedAt IS NULL AND w.workout = :workout'
                .' ORDER BY w.chosenAt, w.id',
            )
            ->setParameter('workout', $workout)
            ->getResult();
        $chosen = [];
        foreach ($rows as $row) {
            $chosen[$row->athleteId()->toRfc4122()] = $row;
        }

        return $chosen;
    }

    /** Takes the place of the one before. */
    public function add(ChosenWay $way): void
    {
        ($this->of($way->workout())[$way->athleteId()->toRfc4122()] ?? null)?->remove($way->chosenAt());
        $this->database->entities()->persist($way);
    }
}
