<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The workouts that athletes of the current gym were paced through.
 */
final readonly class PacedRuns
{
    /** So many are looked back on. */
    private const NEWEST = 200;

    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such run, removed or not */
    public function get(Uuid $id): PacedRun
    {
        return $this->database->entities()->find(PacedRun::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('run', $id);
    }

    /**
     * @param Uuid|null $athlete null: of everybody
     *
     * @return list<PacedRun> not removed, the newest first
     */
    public function newest(?Uuid $athlete = null): array
    {
        $query = $this->database
            ->entities()
            ->createQuery(
                'SELECT r FROM '.PacedRun::class.' r WHERE r.removedAt IS NULL'
                .(null === $athlete ? '' : ' AND r.athleteId = :athlete').' ORDER BY r.startedAt DESC, r.id',
            )
            ->setMaxResults(self::NEWEST);
        if (null !== $athlete) {
            $query->setParameter('athlete', $athlete, 'uuid');
        }
        /** @var list<PacedRun> $runs */
        $runs = $query->getResult();

        return $runs;
    }

    public function add(PacedRun $run): void
    {
        $this->database->entities()->persist($run);
    }
}
