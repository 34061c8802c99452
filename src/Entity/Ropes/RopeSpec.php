<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;

/**
 * A rope's length with what it was taken from: the school and stance, what they computed, and the coach's reason when
 * another length was kept.
 */
#[ORM\Embeddable]
class RopeSpec
{
    public function __construct(
        #[ORM\Column(name: 'cable_length_m', type: 'float')] public readonly float $cableLengthM,
        #[ORM\Column(name: 'handle_length_m', type: 'float')] public readonly float $handleLengthM,
        #[ORM\Column(length: 16, enumType: CableFamily::class)] public readonly CableFamily $family,
        #[ORM\Column(length: 16, enumType: School::class)] public readonly School $school,
        #[ORM\Column(length: 12, enumType: Stance::class)] public readonly Stance $stance,
        #[ORM\Column(name: 'computed_cable_m', type: 'float')] public readonly float $computedCableM,
        /** Why the coach kept another length than the computed one; empty when they did not. */
        #[ORM\Column(length: 200)] public readonly string $overrideReason,
        /** A cable the gym has weighed itself; null: one of the family. */
        #[ORM\Column(type: 'uuid', nullable: true)] public readonly ?Uuid $cableId = null,
    ) {
    }

    /** The same rope, so much shorter or longer. */
    public function withCable(float $cableLengthM, string $reason): self
    {
        return new self(
            $cableLengthM,
            $this->handleLengthM,
            $this->family,
            $this->school,
            $this->stance,
            $this->computedCableM,
            $reason,
            $this->cableId,
        );
    }
}
