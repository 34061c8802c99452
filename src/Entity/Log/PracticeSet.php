<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\Core\Stage\Stage;

/**
 * One block of a practice: a drill, at the stage the athlete was then.
 */
#[ORM\Entity]
#[ORM\Table(name: 'practice_set')]
#[ORM\UniqueConstraint(name: 'practice_set_drill', columns: ['gym_id', 'practice_id', 'drill'])]
class PracticeSet implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $practiceId,
        #[ORM\Column(length: 40)] public readonly string $drill,
        #[ORM\Column(length: 8, enumType: Stage::class)] public readonly Stage $stage,
    ) {
    }
}
