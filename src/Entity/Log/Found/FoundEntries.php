<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\QueryBuilder;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\PracticeSet;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * Looks through the whole log of the current gym, a page at a time: each page is found by where the one before it ended, never by
 * counting, so that the last one is as quick as the first.
 */
final readonly class FoundEntries
{
    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @param EntryPlace|null $after where the page before it ended; null: the newest
     *
     * @return list<Attempt> not removed, nor of whoever is; the newest first
     */
    public function page(EntryFilter $filter, int $most, ?EntryPlace $after = null): array
    {
        $query = $this->filtered($filter)->select('a')->orderBy('a.loggedAt', 'DESC')->addOrderBy('a.id', 'DESC')->setMaxResults($most);
        if (null !== $after) {
            $query
                // Said twice: the first part alone finds the place in the index.
                ->andWhere('a.loggedAt <= :at')
                ->andWhere('a.loggedAt < :at OR (a.loggedAt = :at AND a.id < :id)')
                ->setParameter('at', $after->at, Types::DATETIME_IMMUTABLE)
                ->setParameter('id', $after->id, 'uuid');
        }
        /** @var list<Attempt> $found */
        $found = $query->getQuery()->getResult();

        return $found;
    }

    /**
     * @return array{entries: int, reps: int, misses: int} of all that is looked for
     */
    public function totals(EntryFilter $filter): array
    {
        /** @var array{entries: int|string, reps: int|string|null, misses: int|string|null} $sums */
        $sums = $this->filtered($filter)
            ->select('COUNT(a.id) AS entries, SUM(a.reps) AS reps, SUM(a.misses) AS misses')
            ->getQuery()
            ->getSingleResult();
        $missed = (int) $this->filtered($filter)
            ->select('COUNT(a.id)')
            ->andWhere("a.ended = 'miss'")
            ->getQuery()
            ->getSingleScalarResult();

        return ['entries' => (int) $sums['entries'], 'reps' => (int) $sums['reps'], 'misses' => (int) $sums['misses'] + $missed];
    }

    /**
     * @return list<string> codes of faults that somebody has worked on here
     */
    public function faults(): array
    {
        $rows = $this->database->rows('SELECT DISTINCT fault FROM focus WHERE gym_id = :gym ORDER BY fault');

        return array_map(static fn (array $row): string => \is_string($row['fault']) ? $row['fault'] : '', $rows);
    }

    private function filtered(EntryFilter $filter): QueryBuilder
    {
        $query = $this->database
            ->entities()
            ->createQueryBuilder()
            ->from(Attempt::class, 'a')
            ->where('a.removedAt IS NULL')
            ->andWhere('a.athleteId NOT IN (SELECT r.id FROM '.Athlete::class.' r WHERE r.removedAt IS NOT NULL)');
        if (null !== $filter->athlete) {
            $query->andWhere('a.athleteId = :athlete')->setParameter('athlete', $filter->athlete, 'uuid');
        }
        if (null !== $filter->stage) {
            $query->andWhere('a.stage = :stage')->setParameter('stage', $filter->stage->value);
        }
        if (null !== $filter->drill) {
            $query
                ->andWhere('a.setId IN (SELECT s.id FROM '.PracticeSet::class.' s WHERE s.drill = :drill)')
                ->setParameter('drill', $filter->drill);
        }
        if (null !== $filter->by) {
            $query->andWhere('a.loggedBy = :by')->setParameter('by', $filter->by);
        }
        if (null !== $filter->selfReported) {
            $query->andWhere('a.selfReported = :own')->setParameter('own', $filter->selfReported);
        }
        if (null !== $filter->fault) {
            $query
                ->andWhere('EXISTS (SELECT f.id FROM '.Focus::class.' f WHERE f.athleteId = a.athleteId AND f.faultCode = :fault
                    AND f.givenAt <= a.loggedAt AND (f.removedAt IS NULL OR f.removedAt > a.loggedAt))')
                ->setParameter('fault', $filter->fault);
        }
        if (null !== $filter->from) {
            $query->andWhere('a.loggedAt >= :from')->setParameter('from', $filter->from, Types::DATETIME_IMMUTABLE);
        }
        if (null !== $filter->until) {
            $query->andWhere('a.loggedAt < :until')->setParameter('until', $filter->until, Types::DATETIME_IMMUTABLE);
        }

        return $query;
    }
}
