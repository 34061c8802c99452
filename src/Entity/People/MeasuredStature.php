<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * How tall an athlete was on a day. Read again on the same day, the later reading counts.
 */
#[ORM\Entity]
#[ORM\Table(name: 'stature')]
#[ORM\UniqueConstraint(name: 'stature_day', columns: ['gym_id', 'athlete_id', 'read_on'])]
class StatureReading implements BelongsToGym
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        public readonly Uuid $gymId,
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        public readonly Uuid $id,
        #[ORM\Column(type: 'uuid')]
        public readonly Uuid $athleteId,
        #[ORM\Column(type: 'date_immutable')]
        public readonly \DateTimeImmutable $readOn,
        #[ORM\Column(name: 'stature_m', type: 'float')]
        private float $statureM,
    ) {
    }

    public function statureM(): float
    {
        return $this->statureM;
    }

    public function readAgain(float $statureM): void
    {
        $this->statureM = $statureM;
    }
}
