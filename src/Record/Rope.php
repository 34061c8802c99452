<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * An athlete's own rope as it was kept on a day. The newest that was not removed is the current one; older rows are the
 * history of lengths.
 */
#[ORM\Entity]
#[ORM\Table(name: 'rope')]
#[ORM\Index(name: 'rope_athlete', columns: ['gym_id', 'athlete_id', 'id'])]
class Rope implements BelongsToGym, VersionedRow
{
    use Removable;

    #[ORM\Embedded(class: RopeMeasure::class, columnPrefix: false)]
    private RopeMeasure $measure;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $gymId,
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        #[ORM\Column(type: 'uuid')]
        private Uuid $athleteId,
        RopeMeasure $measure,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $createdAt,
    ) {
        $this->measure = $measure;
    }

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function measure(): RopeMeasure
    {
        return $this->measure;
    }

    public function createdAt(): \DateTimeImmutable
    {
        return $this->createdAt;
    }
}
