<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Health;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Today\StopWord;

/**
 * A coach ended somebody's jumping for a day. The day stays a day of its own in the outlook.
 */
#[ORM\Entity]
#[ORM\Table(name: 'day_stop')]
#[ORM\Index(name: 'day_stop_athlete', columns: ['gym_id', 'athlete_id', 'local_day'])]
class DayStop implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $localDay,
        #[ORM\Column(length: 8, enumType: StopWord::class)] private StopWord $why,
        #[ORM\Column(length: 80)] private string $stoppedBy,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function localDay(): \DateTimeImmutable
    {
        return $this->localDay;
    }

    public function why(): StopWord
    {
        return $this->why;
    }

    public function stoppedBy(): string
    {
        return $this->stoppedBy;
    }

    public function trailName(): string
    {
        return '';
    }
}
