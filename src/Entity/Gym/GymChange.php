<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * What one committed write changed. Written by native SQL in Platform\Write, read by the change feed.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'gym_change')]
class GymChange implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'bigint', options: ['unsigned' => true])] public readonly int $revision,
        #[ORM\Column(length: 16)] public readonly string $kind,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $rowId,
    ) {
    }
}
