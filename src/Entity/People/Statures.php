<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\Core\Body\Growth;
use Zumbo\Core\Body\Remeasure;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

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
        $entities = $this->database->entities();
        $reading = $entities->getRepository(StatureReading::class)->findOneBy(['athleteId' => $athlete, 'readOn' => $localDay]);
        if (null === $reading) {
            $entities->persist(new StatureReading($this->scope->gymId(), Uuid::v7(), $athlete, $localDay, $statureM));
        } else {
            $reading->readAgain($statureM);
        }
    }

    /**
     * @return array<string, list<StatureReading>> by athlete id, the oldest first; one query
     */
    public function all(): array
    {
        /** @var list<StatureReading> $readings */
        $readings = $this->database->entities()->createQuery('SELECT s FROM '.StatureReading::class.' s ORDER BY s.readOn, s.id')->getResult();
        $byAthlete = [];
        foreach ($readings as $reading) {
            $byAthlete[$reading->athleteId->toRfc4122()][] = $reading;
        }

        return $byAthlete;
    }

    /**
     * @return list<StatureReading> the oldest first
     */
    public function ofAthlete(Uuid $athlete): array
    {
        return $this->database->entities()->getRepository(StatureReading::class)->findBy(['athleteId' => $athlete], ['readOn' => 'ASC', 'id' => 'ASC']);
    }

    /**
     * @param list<StatureReading> $readings the oldest first
     *
     * @return float|null metres: the last one of the day or before it, else the first one ever
     */
    public static function at(array $readings, \DateTimeImmutable $day): ?float
    {
        $stature = ($readings[0] ?? null)?->statureM();
        foreach ($readings as $reading) {
            $stature = $reading->readOn <= $day ? $reading->statureM() : $stature;
        }

        return $stature;
    }

    /**
     * @param list<StatureReading> $readings the oldest first
     *
     * @return Verdict|null when the rope was sized for somebody smaller
     */
    public static function outgrown(array $readings, ?Rope $rope, float $statureM): ?Verdict
    {
        $then = null === $rope ? null : self::at($readings, $rope->createdAt());

        return null === $then ? null : Growth::since(Length::ofMetres($then), Length::ofMetres($statureM));
    }

    /**
     * @param list<StatureReading> $readings the oldest first
     *
     * @return Verdict|null when somebody who grows is due to be measured again
     */
    public static function reminder(array $readings, ?int $birthYear, \DateTimeImmutable $today): ?Verdict
    {
        $last = end($readings);
        if (false === $last) {
            return null;
        }
        $since = $last->readOn->diff($today);

        return Remeasure::everyMonths($birthYear, (int) $today->format('Y'))?->reminder(12 * $since->y + $since->m);
    }
}
