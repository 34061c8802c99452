<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * What a coach wants to remember of an evening. It may be about somebody's health, so it is for coaches.
 */
#[ORM\Entity]
#[ORM\Table(name: 'evening_note')]
#[ORM\Index(name: 'evening_note_day', columns: ['gym_id', 'local_day'])]
class EveningNote implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    public const MOST_LETTERS = 2000;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $localDay,
        #[ORM\Column(length: self::MOST_LETTERS)] private string $text,
        #[ORM\Column(length: 80)] private string $writtenBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $writtenAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function localDay(): \DateTimeImmutable
    {
        return $this->localDay;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function writtenBy(): string
    {
        return $this->writtenBy;
    }

    public function writtenAt(): \DateTimeImmutable
    {
        return $this->writtenAt;
    }

    public function rewrite(string $text): void
    {
        $this->text = $text;
    }

    public function trailName(): string
    {
        return $this->localDay->format('Y-m-d');
    }
}
