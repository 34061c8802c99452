<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * An athlete's own rope as it was kept on a day. The newest that was not removed is the current one; older rows are the
 * history of lengths.
 */
#[ORM\Entity]
#[ORM\Table(name: 'rope')]
#[ORM\Index(name: 'rope_athlete', columns: ['gym_id', 'athlete_id', 'id'])]
#[ORM\Index(name: 'rope_cable', columns: ['gym_id', 'cable_id'])]
class Rope implements BelongsToGym, VersionedRow, Trailed
{
    use InspectedRope;
    use KeptRow;

    #[ORM\Embedded(class: RopeSpec::class, columnPrefix: false)]
    private RopeSpec $spec;

    /** Since then it can't be let out any more. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $tailsCutOn = null;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        RopeSpec $spec,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $createdAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->spec = $spec;
        $this->inspection = Inspection::none();
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function spec(): RopeSpec
    {
        return $this->spec;
    }

    public function createdAt(): \DateTimeImmutable
    {
        return $this->createdAt;
    }

    public function tailsCutOn(): ?\DateTimeImmutable
    {
        return $this->tailsCutOn;
    }

    public function cutTails(\DateTimeImmutable $localDay): void
    {
        $this->tailsCutOn = $localDay;
    }

    /** The button was touched by mistake: no scissors were. */
    public function tailsAreWhole(): void
    {
        $this->tailsCutOn = null;
    }

    public function trailName(): string
    {
        return '';
    }
}
