<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Path;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * What the current gym's coaches decided about gates.
 */
final readonly class GateDecisions
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such decision, removed or not */
    public function get(Uuid $id): GateDecision
    {
        return $this->database->entities()->find(GateDecision::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('gate', $id);
    }

    /**
     * @param Uuid|null $athlete only what is the gym's or theirs; null: everybody's
     *
     * @return list<GateDecision> that stand, the oldest first: the gym's own before those about athletes
     */
    public function standing(?Uuid $athlete = null): array
    {
        $query = $this->database
            ->entities()
            ->createQueryBuilder()
            ->select('d')
            ->from(GateDecision::class, 'd')
            ->where('d.removedAt IS NULL')
            ->orderBy('d.athleteId', 'ASC')
            ->addOrderBy('d.decidedAt', 'ASC')
            ->addOrderBy('d.id', 'ASC');
        if (null !== $athlete) {
            $query->andWhere('d.athleteId IS NULL OR d.athleteId = :athlete')->setParameter('athlete', $athlete, 'uuid');
        }
        /** @var list<GateDecision> $decisions */
        $decisions = $query->getQuery()->getResult();

        return $decisions;
    }

    public function add(GateDecision $decision): void
    {
        $this->database->entities()->persist($decision);
    }
}
