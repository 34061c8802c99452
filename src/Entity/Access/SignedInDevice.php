<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * Where somebody signed in: a name of the device, and the session that began there.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'signed_in_device')]
#[ORM\Index(name: 'signed_in_device_coach', columns: ['gym_id', 'coach_id'])]
class SignedInDevice implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $coachId,
        #[ORM\Column(type: 'binary', length: 128)] public readonly string $sessionId,
        #[ORM\Column(length: 80)] public readonly string $device,
        #[ORM\Column(type: 'datetime_immutable')] public readonly \DateTimeImmutable $signedInAt,
    ) {
    }
}
