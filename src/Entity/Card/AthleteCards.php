<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Card;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The links to athletes' own cards in the current gym.
 */
final readonly class AthleteCards
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** Null: this gym has no such card, taken back or not. */
    public function find(Uuid $id): ?AthleteCard
    {
        return $this->database->entities()->find(AthleteCard::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /** @throws UnknownRow when this gym has no such card */
    public function get(Uuid $id): AthleteCard
    {
        return $this->find($id) ?? throw UnknownRow::of('card', $id);
    }

    /**
     * @return list<AthleteCard> of an athlete, not taken back, the oldest first
     */
    public function ofAthlete(Uuid $athlete): array
    {
        return $this->database
            ->entities()
            ->getRepository(AthleteCard::class)
            ->findBy(['athleteId' => $athlete, 'removedAt' => null], ['id' => 'ASC']);
    }

    public function add(AthleteCard $card): void
    {
        $this->database->entities()->persist($card);
    }
}
