<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\Core\Measure\Length;

/**
 * How tall an athlete was on a day. Measured again on the same day both stand, and the later one counts.
 */
#[ORM\Entity]
#[ORM\Table(name: 'stature')]
#[ORM\Index(name: 'stature_day', columns: ['gym_id', 'athlete_id', 'read_on'])]
class MeasuredStature implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $athleteId,
        #[ORM\Column(name: 'read_on', type: 'date_immutable')] public readonly \DateTimeImmutable $measuredOn,
        #[ORM\Column(name: 'stature_m', type: 'float')] public readonly float $statureM,
    ) {
    }

    /**
     * @return array{on: \DateTimeImmutable, stature: Length, at: ?\DateTimeImmutable}
     */
    public function toCore(): array
    {
        return [
            'on' => $this->measuredOn,
            'stature' => Length::ofMetres($this->statureM),
            'at' => $this->writtenDownAt(),
        ];
    }

    /** To the second, as ropes are kept to it; null: written down on another day than it was read. */
    private function writtenDownAt(): ?\DateTimeImmutable
    {
        $moment = $this->id instanceof UuidV7 ? $this->id->getDateTime() : null;

        return $moment?->format('Y-m-d') === $this->measuredOn->format('Y-m-d')
            ? $moment->setTime((int) $moment->format('G'), (int) $moment->format('i'), (int) $moment->format('s'))
            : null;
    }
}
