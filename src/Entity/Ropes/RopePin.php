<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * The coach's word that a shared rope goes to one athlete, until it is taken back.
 */
#[ORM\Entity]
#[ORM\Table(name: 'rope_pin')]
#[ORM\Index(name: 'rope_pin_athlete', columns: ['gym_id', 'athlete_id'])]
#[ORM\Index(name: 'rope_pin_rope', columns: ['gym_id', 'rack_rope_id'])]
class RopePin implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(type: 'uuid')] private Uuid $rackRopeId,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function moveTo(Uuid $rackRopeId): void
    {
        $this->rackRopeId = $rackRopeId;
    }

    public function rackRopeId(): Uuid
    {
        return $this->rackRopeId;
    }

    public function trailName(): string
    {
        return '';
    }
}
