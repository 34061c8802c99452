<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * An evening in the calendar.
 */
#[ORM\Entity]
#[ORM\Table(name: 'class_hour')]
#[ORM\Index(name: 'class_hour_day', columns: ['gym_id', 'local_day'])]
class ClassHour implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(length: 80)] public readonly string $name,
        #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $localDay,
        #[ORM\Column(type: 'datetime_immutable')] public readonly \DateTimeImmutable $startsAt,
    ) {
    }
}
