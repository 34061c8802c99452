<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * A private address that calendars fetch: the gym's classes, or the days of one athlete. Whoever has it reads it, until it is
 * taken back.
 */
#[ORM\Entity]
#[ORM\Table(name: 'calendar_link')]
#[ORM\Index(name: 'calendar_link_athlete', columns: ['gym_id', 'athlete_id'])]
class CalendarLink implements BelongsToGym, VersionedRow
{
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        /** Null: the classes of the gym. */
        #[ORM\Column(type: 'uuid', nullable: true)] private ?Uuid $athleteId,
        #[ORM\Column(length: 64)] private string $secret,
        #[ORM\Column(length: 80)] private string $madeBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $madeAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): ?Uuid
    {
        return $this->athleteId;
    }

    public function secret(): string
    {
        return $this->secret;
    }

    public function madeBy(): string
    {
        return $this->madeBy;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
