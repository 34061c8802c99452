<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * Who had which shared rope on a day: one rope each, each rope once.
 */
#[ORM\Entity]
#[ORM\Table(name: 'given_rope')]
#[ORM\UniqueConstraint(name: 'given_athlete_day', columns: ['gym_id', 'athlete_id', 'local_day'])]
#[ORM\UniqueConstraint(name: 'given_rope_day', columns: ['gym_id', 'rack_rope_id', 'local_day'])]
class GivenRope implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $athleteId,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $rackRopeId,
        #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $localDay,
    ) {
    }
}
