<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * Which of the current gym's classes were looked over.
 */
final readonly class ClassEnds
{
    public function __construct(private GymDatabase $database)
    {
    }

    /** The last one of a local day; null: nobody has looked yet. */
    public function of(\DateTimeImmutable $localDay): ?ClassEnd
    {
        /** @var list<ClassEnd> $ends */
        $ends = $this->database
            ->entities()
            ->createQuery('SELECT e FROM '.ClassEnd::class.' e WHERE e.localDay = :day ORDER BY e.id DESC')
            ->setParameter('day', $localDay, 'date_immutable')
            ->setMaxResults(1)
            ->getResult();

        return $ends[0] ?? null;
    }

    public function add(ClassEnd $end): void
    {
        $this->database->entities()->persist($end);
    }
}
