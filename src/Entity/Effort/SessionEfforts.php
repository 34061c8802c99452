<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Effort;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * How hard the sessions of the current gym felt.
 */
final readonly class SessionEfforts
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function add(SessionEffort $effort): void
    {
        $this->database->entities()->persist($effort);
    }

    /** @throws UnknownRow when this gym has no such word */
    public function get(Uuid $id): SessionEffort
    {
        return $this->database->entities()->find(SessionEffort::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('session effort', $id);
    }

    /**
     * @return list<SessionEffort> of an athlete from a local day on, the oldest first
     */
    public function since(Uuid $athlete, \DateTimeImmutable $day): array
    {
        /** @var list<SessionEffort> */
        return $this->database
            ->entities()
            ->createQuery('SELECT e FROM '.SessionEffort::class.' e WHERE e.athleteId = :athlete AND e.doneOn >= :day
                AND e.removedAt IS NULL ORDER BY e.doneOn, e.id')
            ->setParameter('athlete', $athlete, 'uuid')
            ->setParameter('day', $day, 'date_immutable')
            ->getResult();
    }

    /** What the athlete said themself of a day; null: nothing. */
    public function ownOf(Uuid $athlete, \DateTimeImmutable $day): ?SessionEffort
    {
        return $this->database->entities()->getRepository(SessionEffort::class)->findOneBy([
            'athleteId' => $athlete,
            'doneOn' => $day,
            'selfReported' => true,
            'removedAt' => null,
        ]);
    }
}
