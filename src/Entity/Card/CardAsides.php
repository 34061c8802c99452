<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Card;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * What withdrawn cards of the current gym sent, until somebody has decided.
 */
final readonly class CardAsides
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** Null: it never was aside. */
    public function find(Uuid $id): ?CardAside
    {
        return $this->database->entities()->find(CardAside::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /** @throws UnknownRow when this gym has no such entry aside */
    public function get(Uuid $id): CardAside
    {
        return $this->find($id) ?? throw UnknownRow::of('entry', $id);
    }

    /**
     * @return list<CardAside> of an athlete, not decided, the oldest first
     */
    public function ofAthlete(Uuid $athlete): array
    {
        return $this->database
            ->entities()
            ->getRepository(CardAside::class)
            ->findBy(['athleteId' => $athlete, 'removedAt' => null], ['madeAt' => 'ASC', 'id' => 'ASC']);
    }

    public function add(CardAside $aside): void
    {
        $this->database->entities()->persist($aside);
    }
}
