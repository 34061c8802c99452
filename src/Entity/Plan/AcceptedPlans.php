<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * The weeks that were accepted in the current gym; of each athlete the newest hold.
 */
final readonly class AcceptedPlans
{
    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @return array<string, AcceptedWeeks> by athlete id
     */
    public function current(?Uuid $athlete = null): array
    {
        $query = $this->database
            ->entities()
            ->createQuery(
                'SELECT w FROM '.AcceptedWeeks::class.' w WHERE w.removedAt IS NULL'
                .(null === $athlete ? '' : ' AND w.athleteId = :athlete').' ORDER BY w.id',
            );
        if (null !== $athlete) {
            $query->setParameter('athlete', $athlete, 'uuid');
        }
        /** @var list<AcceptedWeeks> $rows */
        $rows = $query->getResult();
        $current = [];
        foreach ($rows as $row) {
            $current[$row->athleteId()->toRfc4122()] = $row;
        }

        return $current;
    }

    public function add(AcceptedWeeks $weeks): void
    {
        foreach ($this->current($weeks->athleteId()) as $before) {
            $before->remove($weeks->acceptedAt());
        }
        $this->database->entities()->persist($weeks);
    }
}
