<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The planned practices of the current gym; one a day holds, the newest.
 */
final readonly class PlannedPractices
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such plan, removed or not */
    public function get(Uuid $id): PlannedPractice
    {
        return $this->database->entities()->find(PlannedPractice::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('plan', $id);
    }

    /** Null: nothing is planned for that day. */
    public function of(\DateTimeImmutable $localDay): ?PlannedPractice
    {
        return $this->newest('p.localDay = :day', $localDay);
    }

    /** The last one before a day: what there is in the hall seldom changes. */
    public function before(\DateTimeImmutable $localDay): ?PlannedPractice
    {
        return $this->newest('p.localDay < :day', $localDay);
    }

    /**
     * @return list<PlannedPractice> of the days before one, the newest first
     */
    public function last(\DateTimeImmutable $before, int $most): array
    {
        /** @var list<PlannedPractice> $found */
        $found = $this->database
            ->entities()
            ->createQuery(
                'SELECT p FROM '.PlannedPractice::class.' p WHERE p.removedAt IS NULL AND p.localDay < :day
                 ORDER BY p.localDay DESC, p.id DESC',
            )
            ->setParameter('day', $before, 'date_immutable')
            ->setMaxResults($most)
            ->getResult();

        return $found;
    }

    public function add(PlannedPractice $practice): void
    {
        $this->database->entities()->persist($practice);
    }

    private function newest(string $when, \DateTimeImmutable $localDay): ?PlannedPractice
    {
        /** @var list<PlannedPractice> $found */
        $found = $this->database
            ->entities()
            ->createQuery(
                'SELECT p FROM '.PlannedPractice::class." p WHERE p.removedAt IS NULL AND $when ORDER BY p.localDay DESC, p.id DESC",
            )
            ->setParameter('day', $localDay, 'date_immutable')
            ->setMaxResults(1)
            ->getResult();

        return $found[0] ?? null;
    }
}
