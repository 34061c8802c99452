<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The shared ropes of the current gym, who is pinned to which, and who had which.
 */
final readonly class Rack
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such rope, removed or not */
    public function get(Uuid $id): RackRope
    {
        return $this->find($id) ?? throw UnknownRow::of('shared rope', $id);
    }

    public function find(Uuid $id): ?RackRope
    {
        return $this->database->entities()->find(RackRope::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /**
     * @return list<RackRope> those not removed, the shortest first
     */
    public function present(): array
    {
        /** @var list<RackRope> $ropes */
        $ropes = $this->database
            ->entities()
            ->createQuery(
                'SELECT r FROM '.RackRope::class.' r WHERE r.removedAt IS NULL ORDER BY r.cableLengthM, r.tag',
            )
            ->getResult();

        return $ropes;
    }

    /** @throws UnknownRow when this gym has no such pin, taken back or not */
    public function pin(Uuid $id): RopePin
    {
        return $this->database->entities()->find(RopePin::class, ['gymId' => $this->scope->gymId(), 'id' => $id]) ??
            throw UnknownRow::of('pin', $id);
    }

    /**
     * @return list<RopePin> those that hold
     */
    public function pins(): array
    {
        /** @var list<RopePin> $pins */
        $pins = $this->database
            ->entities()
            ->createQuery('SELECT p FROM '.RopePin::class.' p WHERE p.removedAt IS NULL ORDER BY p.id')
            ->getResult();

        return $pins;
    }

    /**
     * @return array<string, string> id of the shared rope by athlete id: the last one before the day, within half a
     *                               year
     */
    public function lastBefore(\DateTimeImmutable $localDay): array
    {
        $last = [];
        foreach ($this->givenBetween($localDay->modify('-6 months'), $localDay->modify('-1 day')) as $given) {
            $last[$given->athleteId->toRfc4122()] = $given->rackRopeId->toRfc4122();
        }

        return $last;
    }

    /**
     * @return array<string, string> id of the shared rope by athlete id
     */
    public function givenOn(\DateTimeImmutable $localDay): array
    {
        $on = [];
        foreach ($this->givenBetween($localDay, $localDay) as $given) {
            $on[$given->athleteId->toRfc4122()] = $given->rackRopeId->toRfc4122();
        }

        return $on;
    }

    /**
     * @param array<string, Uuid> $ropeOf by athlete id; whoever had one that day and is not in it has none now
     */
    public function give(\DateTimeImmutable $localDay, array $ropeOf): void
    {
        $this->database->execute('DELETE FROM given_rope WHERE gym_id = :gym AND local_day = :day', [
            'day' => $localDay->format('Y-m-d'),
        ]);
        foreach ($ropeOf as $athlete => $rope) {
            $this->database->execute(
                'INSERT INTO given_rope (gym_id, id, athlete_id, rack_rope_id, local_day) VALUES (:gym, :id,
                 :athlete, :rope, :day)',
                [
                    'id' => Uuid::v7(),
                    'athlete' => Uuid::fromString($athlete),
                    'rope' => $rope,
                    'day' => $localDay->format('Y-m-d'),
                ],
                ['id' => UuidType::NAME, 'athlete' => UuidType::NAME, 'rope' => UuidType::NAME],
            );
        }
    }

    public function add(RackRope|RopePin $row): void
    {
        $this->database->entities()->persist($row);
    }

    /**
     * @return list<GivenRope> the oldest first
     */
    private function givenBetween(\DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        /** @var list<GivenRope> $given */
        $given = $this->database
            ->entities()
            ->createQuery(
                'SELECT g FROM '.
                    GivenRope::class.
                    ' g WHERE g.localDay BETWEEN :from AND :to ORDER BY g.localDay, g.id',
            )
            ->setParameter('from', $from, 'date_immutable')
            ->setParameter('to', $to, 'date_immutable')
            ->getResult();

        return $given;
    }
}
