<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Card;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * An entry that was made on a card before its link was taken back, and came after: a coach keeps or drops it. Decided, it is
 * removed.
 */
#[ORM\Entity]
#[ORM\Table(name: 'card_aside')]
#[ORM\Index(name: 'card_aside_of', columns: ['gym_id', 'athlete_id'])]
class CardAside implements BelongsToGym, VersionedRow
{
    use KeptRow;

    public const MOST_LETTERS = 1000;

    public function __construct(
        Uuid $gymId,
        /** The entry's own. */
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $madeAt,
        /** As it was sent, JSON. */
        #[ORM\Column(length: self::MOST_LETTERS)] private string $entry,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function entry(): string
    {
        return $this->entry;
    }
}
