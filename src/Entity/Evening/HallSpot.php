<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Hall\Spot;

/**
 * Where a coach has put somebody in the hall; its id is the athlete's. Removed: they stand where there is room.
 */
#[ORM\Entity]
#[ORM\Table(name: 'hall_spot')]
#[ORM\UniqueConstraint(name: 'hall_spot_whose', columns: ['gym_id', 'athlete_id'])]
class HallSpot implements BelongsToGym, VersionedRow
{
    use KeptRow;

    #[ORM\Column(type: 'float')]
    private float $xM;

    #[ORM\Column(type: 'float')]
    private float $yM;

    public function __construct(Uuid $gymId, #[ORM\Column(type: 'uuid')] private Uuid $athleteId, Spot $spot)
    {
        $this->gymId = $gymId;
        $this->id = $athleteId;
        $this->move($spot);
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function spot(): Spot
    {
        return new Spot($this->xM, $this->yM);
    }

    public function move(Spot $spot): void
    {
        [$this->xM, $this->yM] = [$spot->x, $spot->y];
        $this->restore();
    }
}
