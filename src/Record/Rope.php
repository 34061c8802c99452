<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * An athlete's own rope as it was kept on a day. The newest that was not removed is the current one; older rows are the
 * history of lengths.
 */
#[ORM\Entity]
#[ORM\Table(name: 'rope')]
#[ORM\Index(name: 'rope_athlete', columns: ['gym_id', 'athlete_id', 'id'])]
class Rope implements BelongsToGym
{
    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

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

    public function version(): int
    {
        return $this->version;
    }

    public function createdAt(): \DateTimeImmutable
    {
        return $this->createdAt;
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }

    public function remove(\DateTimeImmutable $now): void
    {
        $this->removedAt = $now;
    }

    public function restore(): void
    {
        $this->removedAt = null;
    }
}
