<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Pacing\Run\DoneLeg;
use Zumbo\Core\Pacing\Run\Forecast;
use Zumbo\Core\Pacing\Run\RunLegs;
use Zumbo\Core\Pacing\Run\TouchedLegs;

/**
 * A workout that an athlete was paced through: what was said before it, and how it went.
 */
#[ORM\Entity]
#[ORM\Table(name: 'paced_run')]
#[ORM\Index(name: 'paced_run_of', columns: ['gym_id', 'athlete_id', 'started_at'])]
#[ORM\Index(name: 'paced_run_time', columns: ['gym_id', 'started_at'])]
class PacedRun implements BelongsToGym, VersionedRow
{
    use KeptRow;

    /** Of its legs as text. */
    public const MOST_LEGS = 60_000;

    #[ORM\Column(type: Types::TEXT)]
    private string $legs;

    /**
     * @param list<DoneLeg> $done
     */
    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $startedAt,
        /** A coach's name; empty: nobody knows. */
        #[ORM\Column(length: 80)] private string $runBy,
        /** Canonical. */
        #[ORM\Column(length: OwnWorkout::MOST_TEXT)] private string $workout,
        /** As it was said before the start. */
        #[ORM\Column(name: 'expected_s')] private float $expectedS,
        #[ORM\Column(name: 'low_s')] private float $lowS,
        #[ORM\Column(name: 'high_s')] private float $highS,
        #[ORM\Column] private float $wider,
        #[ORM\Column] private bool $finished,
        array $done,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->legs = RunLegs::write($done);
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function startedAt(): \DateTimeImmutable
    {
        return $this->startedAt;
    }

    public function runBy(): string
    {
        return $this->runBy;
    }

    public function workout(): string
    {
        return $this->workout;
    }

    public function isFinished(): bool
    {
        return $this->finished;
    }

    /**
     * @return list<DoneLeg>
     */
    public function done(): array
    {
        return RunLegs::read($this->legs);
    }

    /** Up to the last touch. */
    public function forecast(): Forecast
    {
        $taken = array_sum(array_map(static fn (TouchedLegs $one): float => $one->takenS, TouchedLegs::all($this->done())));

        return new Forecast($this->expectedS, $this->lowS, $this->highS, $this->wider, $taken);
    }

    /** The clock ended none that could be said before: those for time, done to their end. */
    public function isScored(): bool
    {
        return $this->finished && $this->highS > $this->lowS;
    }
}
