<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Zumbo\Core\Stage\Experience;

/**
 * What a coach writes down about an athlete. Birth year only: the day is nobody's business here.
 */
#[ORM\Embeddable]
class AthleteProfile
{
    public function __construct(
        #[ORM\Column(length: 80)] public readonly string $name,
        #[ORM\Column(name: 'stature_m', type: 'float')] public readonly float $statureM,
        #[ORM\Column(length: 8, enumType: DominantHand::class)] public readonly DominantHand $dominantHand,
        #[ORM\Column(length: 16, enumType: Experience::class)] public readonly Experience $experience,
        #[ORM\Column(type: 'smallint', nullable: true)] public readonly ?int $birthYear,
        /** Somebody who may has agreed to what is kept of a minor. */
        #[ORM\Column(type: 'boolean', options: ['default' => false])] public readonly bool $guardianConsent = false,
    ) {
    }

    /** @param float|null $statureM null: the same */
    public function withStature(?float $statureM): self
    {
        return new self(
            $this->name,
            $statureM ?? $this->statureM,
            $this->dominantHand,
            $this->experience,
            $this->birthYear,
            $this->guardianConsent,
        );
    }

    /** Years, of which only the one of birth is known: it may be one less until the birthday; null: not said. */
    public function ageIn(\DateTimeImmutable $day): ?int
    {
        return null === $this->birthYear ? null : (int) $day->format('Y') - $this->birthYear;
    }

    /** As the hall calls them. */
    public function firstName(): string
    {
        return explode(' ', $this->name)[0];
    }
}
