<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Health;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * What was noted of the health of the current gym's athletes.
 */
final readonly class NotedCautions
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such note */
    public function get(Uuid $id): NotedCaution
    {
        return $this->database->entities()->find(NotedCaution::class, [
            'gymId' => $this->scope->gymId(),
            'id' => $id,
        ]) ?? throw UnknownRow::of('caution', $id);
    }

    /**
     * @return array<string, list<NotedCaution>> by athlete id, the oldest first; one query
     */
    public function all(): array
    {
        /** @var list<NotedCaution> $notes */
        $notes = $this->database
            ->entities()
            ->createQuery('SELECT n FROM '.NotedCaution::class.' n ORDER BY n.notedAt, n.id')
            ->getResult();
        $byAthlete = [];
        foreach ($notes as $note) {
            $byAthlete[$note->athleteId()->toRfc4122()][] = $note;
        }

        return $byAthlete;
    }

    /**
     * @return list<NotedCaution> the oldest first
     */
    public function ofAthlete(Uuid $athlete): array
    {
        return $this->database
            ->entities()
            ->getRepository(NotedCaution::class)
            ->findBy(['athleteId' => $athlete], ['notedAt' => 'ASC', 'id' => 'ASC']);
    }

    public function add(NotedCaution $note): void
    {
        $this->database->entities()->persist($note);
    }
}
