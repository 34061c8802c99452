<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Health;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * On which days coaches ended the jumping of the current gym's athletes.
 */
final readonly class DayStops
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such stop, taken back or not */
    public function get(Uuid $id): DayStop
    {
        return $this->database->entities()->find(DayStop::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('stop', $id);
    }

    /**
     * @return array<string, list<DayStop>> by athlete id, the oldest first; those that hold
     */
    public function since(\DateTimeImmutable $localDay, ?Uuid $athlete = null): array
    {
        $query = $this->database
            ->entities()
            ->createQuery(
                'SELECT s FROM '.DayStop::class.' s WHERE s.removedAt IS NULL AND s.localDay >= :from'
                    .(null === $athlete ? '' : ' AND s.athleteId = :athlete').' ORDER BY s.localDay, s.id',
            )
            ->setParameter('from', $localDay, 'date_immutable');
        if (null !== $athlete) {
            $query->setParameter('athlete', $athlete, 'uuid');
        }
        /** @var list<DayStop> $stops */
        $stops = $query->getResult();
        $byAthlete = [];
        foreach ($stops as $stop) {
            $byAthlete[$stop->athleteId()->toRfc4122()][] = $stop;
        }

        return $byAthlete;
    }

    public function add(DayStop $stop): void
    {
        $this->database->entities()->persist($stop);
    }
}
