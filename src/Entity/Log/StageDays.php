<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\Core\Stage\Stage;

/**
 * On how many days an athlete has logged something at a stage; kept by DaySums.
 */
#[ORM\Entity]
#[ORM\Table(name: 'stage_days')]
class StageDays implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $athleteId,
        #[ORM\Id] #[ORM\Column(length: 8, enumType: Stage::class)] public readonly Stage $stage,
        #[ORM\Column(type: 'integer')] public readonly int $days,
    ) {
    }
}
