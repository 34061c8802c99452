<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\Core\Body\StatureHistory;

/**
 * How tall the athletes of the current gym were.
 */
final readonly class Statures
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function note(Uuid $athlete, \DateTimeImmutable $localDay, float $statureM): void
    {
        $this->database
            ->entities()
            ->persist(new MeasuredStature($this->scope->gymId(), Uuid::v7(), $athlete, $localDay, $statureM));
    }

    /**
     * @return array<string, StatureHistory> by athlete id; one query
     */
    public function all(): array
    {
        /** @var list<MeasuredStature> $measured */
        $measured = $this->database
            ->entities()
            ->createQuery('SELECT s FROM '.MeasuredStature::class.' s ORDER BY s.measuredOn, s.id')
            ->getResult();
        $byAthlete = [];
        foreach ($measured as $one) {
            $byAthlete[$one->athleteId->toRfc4122()][] = $one->toCore();
        }

        return array_map(StatureHistory::of(...), $byAthlete);
    }

    public function ofAthlete(Uuid $athlete): StatureHistory
    {
        $measured = $this->database
            ->entities()
            ->getRepository(MeasuredStature::class)
            ->findBy(['athleteId' => $athlete], ['measuredOn' => 'ASC', 'id' => 'ASC']);

        return StatureHistory::of(array_map(static fn (MeasuredStature $one): array => $one->toCore(), $measured));
    }
}
