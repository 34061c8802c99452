<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The clocks of the current gym's classes; one runs at a time.
 */
final readonly class ClassClocks
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function find(Uuid $id): ?ClassClock
    {
        return $this->database->entities()->find(ClassClock::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /** @throws UnknownRow when this gym has no such clock, ended or not */
    public function get(Uuid $id): ClassClock
    {
        return $this->find($id) ?? throw UnknownRow::of('clock', $id);
    }

    /** The one that was not ended, of that day; null: none runs. */
    public function open(\DateTimeImmutable $localDay): ?ClassClock
    {
        /** @var list<ClassClock> $open */
        $open = $this->database
            ->entities()
            ->createQuery(
                'SELECT c FROM '.ClassClock::class.' c WHERE c.removedAt IS NULL AND c.localDay = :day ORDER BY c.id DESC',
            )
            ->setParameter('day', $localDay, 'date_immutable')
            ->setMaxResults(1)
            ->getResult();

        return $open[0] ?? null;
    }

    public function add(ClassClock $clock): void
    {
        $this->database->entities()->persist($clock);
    }
}
