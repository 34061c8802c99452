<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The ropes of the current gym.
 */
final readonly class Ropes
{
    /** A millimetre is no trim. */
    private const SAME_LENGTH_M = 0.001;

    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such rope, removed or not */
    public function get(Uuid $id): Rope
    {
        return $this->database->entities()->find(Rope::class, ['gymId' => $this->scope->gymId(), 'id' => $id]) ??
            throw UnknownRow::of('rope', $id);
    }

    /**
     * @return array<string, Rope> the current own rope of each athlete who has one, by athlete id; one query
     */
    public function current(): array
    {
        /** @var list<Rope> $ropes */
        $ropes = $this->database
            ->entities()
            ->createQuery('SELECT r FROM '.Rope::class.' r WHERE r.removedAt IS NULL ORDER BY r.createdAt, r.id')
            ->getResult();
        $current = [];
        foreach ($ropes as $rope) {
            $current[$rope->athleteId()->toRfc4122()] = $rope;
        }

        return $current;
    }

    public function currentOf(Uuid $athlete): ?Rope
    {
        /** @var list<Rope> $ropes */
        $ropes = $this->database
            ->entities()
            ->createQuery(
                'SELECT r FROM '.
                    Rope::class.
                    ' r WHERE r.athleteId = :athlete AND r.removedAt IS NULL ORDER BY r.createdAt DESC, r.id DESC',
            )
            ->setParameter('athlete', $athlete, 'uuid')
            ->setMaxResults(1)
            ->getResult();

        return $ropes[0] ?? null;
    }

    /**
     * @return list<Rope> all that were kept for them and not taken back, the oldest first
     */
    public function historyOf(Uuid $athlete): array
    {
        /** @var list<Rope> $ropes */
        $ropes = $this->database
            ->entities()
            ->createQuery(
                'SELECT r FROM '.
                    Rope::class.
                    ' r WHERE r.athleteId = :athlete AND r.removedAt IS NULL ORDER BY r.createdAt, r.id',
            )
            ->setParameter('athlete', $athlete, 'uuid')
            ->getResult();

        return $ropes;
    }

    /**
     * @return array<string, \DateTimeImmutable> since when the rope they have is shorter than the one before it, of those
     *                                           whose is; by athlete id
     */
    public function trimmedAt(): array
    {
        $trimmed = [];
        foreach ($this->database->rows(
            'SELECT athlete_id, created_at FROM (
                 SELECT athlete_id, created_at, cable_length_m,
                     LAG(cable_length_m) OVER (PARTITION BY athlete_id ORDER BY created_at, id) AS length_before,
                     ROW_NUMBER() OVER (PARTITION BY athlete_id ORDER BY created_at DESC, id DESC) AS newest
                 FROM rope WHERE gym_id = :gym AND removed_at IS NULL
             ) AS lengths WHERE newest = 1 AND cable_length_m < length_before - :same',
            ['same' => self::SAME_LENGTH_M],
        ) as ['athlete_id' => $athlete, 'created_at' => $at]) {
            \assert(\is_string($athlete) && \is_string($at));
            $trimmed[Uuid::fromBinary($athlete)->toRfc4122()] = new \DateTimeImmutable($at, new \DateTimeZone('UTC'));
        }

        return $trimmed;
    }

    public function add(Rope $rope): void
    {
        $this->database->entities()->persist($rope);
    }
}
