<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Where coaches have put people in the current gym's hall.
 */
final readonly class HallSpots
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** Of an athlete, also one that was let go; null: they were never put anywhere. */
    public function find(Uuid $athlete): ?HallSpot
    {
        return $this->database->entities()->find(HallSpot::class, ['gymId' => $this->scope->gymId(), 'id' => $athlete]);
    }

    /**
     * @return array<string, HallSpot> by athlete id, also those that were let go
     */
    public function all(): array
    {
        /** @var list<HallSpot> $rows */
        $rows = $this->database->entities()->createQuery('SELECT s FROM '.HallSpot::class.' s')->getResult();
        $all = [];
        foreach ($rows as $row) {
            $all[$row->athleteId()->toRfc4122()] = $row;
        }

        return $all;
    }

    public function add(HallSpot $spot): void
    {
        $this->database->entities()->persist($spot);
    }
}
