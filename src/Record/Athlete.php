<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Stage\Stage;

/**
 * An athlete of a gym. Removed ones stay, so that removal can be undone.
 */
#[ORM\Entity]
#[ORM\Table(name: 'athlete')]
class Athlete implements BelongsToGym, VersionedRow
{
    use Removable;

    #[ORM\Embedded(class: AthleteProfile::class, columnPrefix: false)]
    private AthleteProfile $profile;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $gymId,
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        AthleteProfile $profile,
        #[ORM\Column(length: 8, enumType: Stage::class)]
        private Stage $stage,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $createdAt,
    ) {
        $this->profile = $profile;
    }

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function profile(): AthleteProfile
    {
        return $this->profile;
    }

    public function stage(): Stage
    {
        return $this->stage;
    }

    public function createdAt(): \DateTimeImmutable
    {
        return $this->createdAt;
    }

    public function change(AthleteProfile $profile): void
    {
        $this->profile = $profile;
    }

    public function toCore(): Body
    {
        return Body::ofStature(Length::ofMetres($this->profile->statureM));
    }
}
