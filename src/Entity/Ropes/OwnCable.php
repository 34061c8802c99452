<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\WeighedPiece;
use Zumbo\Core\Measure\Length;

/**
 * A cable a gym has on the shelf, known by its diameter and a piece of it on a kitchen scale.
 */
#[ORM\Entity]
#[ORM\Table(name: 'cable')]
class OwnCable implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(length: 60)] private string $name,
        #[ORM\Column(name: 'diameter_m', type: 'float')] private float $diameterM,
        #[ORM\Column(name: 'piece_m', type: 'float')] private float $pieceM,
        #[ORM\Column(name: 'piece_g', type: 'float')] private float $pieceG,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function diameterM(): float
    {
        return $this->diameterM;
    }

    public function piece(): WeighedPiece
    {
        return WeighedPiece::of(Length::ofMetres($this->pieceM), $this->pieceG);
    }

    /** The family it counts as where a stage may not have every cable. */
    public function family(): CableFamily
    {
        return CableFamily::like($this->piece()->density, $this->diameterM);
    }

    public function trailName(): string
    {
        return $this->name;
    }
}
