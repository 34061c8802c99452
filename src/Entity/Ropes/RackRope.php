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
use Zumbo\Core\Gear\SharedRope;
use Zumbo\Core\Measure\Length;

/**
 * A rope of the gym that anybody may take from the rack.
 */
#[ORM\Entity]
#[ORM\Table(name: 'rack_rope')]
class RackRope implements BelongsToGym, VersionedRow, Trailed
{
    use InspectedRope;
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        /** As it is written on the handle. */
        #[ORM\Column(length: 8)] private string $tag,
        #[ORM\Column(name: 'cable_length_m', type: 'float')] private float $cableLengthM,
        #[ORM\Column(name: 'handle_length_m', type: 'float')] private float $handleLengthM,
        #[ORM\Column(length: 16, enumType: CableFamily::class)] private CableFamily $family,
        /** Not given out, except by a pin. */
        #[ORM\Column(name: 'kept_back', type: 'boolean', options: ['default' => false])] private bool $keptBack = false,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->inspection = Inspection::none();
    }

    public function change(
        string $tag,
        float $cableLengthM,
        float $handleLengthM,
        CableFamily $family,
        bool $keptBack,
    ): void {
        $this->tag = $tag;
        $this->cableLengthM = $cableLengthM;
        $this->handleLengthM = $handleLengthM;
        $this->family = $family;
        $this->keptBack = $keptBack;
    }

    public function isKeptBack(): bool
    {
        return $this->keptBack;
    }

    public function toCore(): SharedRope
    {
        return new SharedRope(
            $this->tag,
            Length::ofMetres($this->cableLengthM),
            $this->family,
            $this->keptBack,
            $this->inspection->failed(),
        );
    }

    public function tag(): string
    {
        return $this->tag;
    }

    public function cableLengthM(): float
    {
        return $this->cableLengthM;
    }

    public function handleLengthM(): float
    {
        return $this->handleLengthM;
    }

    public function family(): CableFamily
    {
        return $this->family;
    }

    public function trailName(): string
    {
        return $this->tag;
    }
}
