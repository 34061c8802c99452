<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * A coach has looked over what the class of a day did.
 */
#[ORM\Entity]
#[ORM\Table(name: 'class_end')]
#[ORM\Index(name: 'class_end_day', columns: ['gym_id', 'local_day'])]
class ClassEnd implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $localDay,
        #[ORM\Column(length: 80)] public readonly string $confirmedBy,
        #[ORM\Column(type: 'datetime_immutable')] public readonly \DateTimeImmutable $confirmedAt,
    ) {
    }
}
