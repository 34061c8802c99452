<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Stage\Experience;

/**
 * What a coach writes down about an athlete. Birth year only: the day is nobody's business here.
 */
#[ORM\Embeddable]
class AthleteProfile
{
    /** @var list<string> codes of Caution */
    #[ORM\Column(name: 'cautions', type: 'json')]
    private array $cautionCodes;

    /**
     * @param list<Caution> $cautions
     */
    public function __construct(
        #[ORM\Column(length: 80)] public readonly string $name,
        #[ORM\Column(name: 'stature_m', type: 'float')] public readonly float $statureM,
        #[ORM\Column(length: 8, enumType: DominantHand::class)] public readonly DominantHand $dominantHand,
        #[ORM\Column(length: 16, enumType: Experience::class)] public readonly Experience $experience,
        array $cautions,
        #[ORM\Column(length: 500)] public readonly string $cautionNote,
        #[ORM\Column(type: 'smallint', nullable: true)] public readonly ?int $birthYear,
        /** Somebody who may has agreed to what is kept of a minor. */
        #[ORM\Column(type: 'boolean', options: ['default' => false])] public readonly bool $guardianConsent = false,
    ) {
        $this->cautionCodes = array_map(static fn (Caution $caution): string => $caution->value, $cautions);
    }

    /**
     * @return list<Caution>
     */
    public function cautions(): array
    {
        return array_map(Caution::from(...), $this->cautionCodes);
    }
}
