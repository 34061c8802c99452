<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * One athlete's work on one local day, in a class or at home.
 */
#[ORM\Entity]
#[ORM\Table(name: 'practice')]
#[ORM\UniqueConstraint(name: 'practice_day', columns: ['gym_id', 'athlete_id', 'local_day'])]
class Practice implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $athleteId,
        #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $localDay,
        #[ORM\Column(type: 'datetime_immutable')] public readonly \DateTimeImmutable $startedAt,
    ) {
    }
}
