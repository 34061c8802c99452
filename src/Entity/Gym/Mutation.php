<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * A write that has happened, so that it does not happen twice. Written by native SQL in Platform\Write.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'mutation')]
class Mutation implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        /** SHA-256 of subject and body. */
        #[ORM\Column(type: 'binary', length: 32, options: ['fixed' => true])] public readonly string $bodyHash,
        /** The gym's revision that the write raised to. */
        #[ORM\Column(type: 'bigint', options: ['unsigned' => true])] public readonly int $revision,
    ) {
    }
}
