<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Pacing\Scale\Scaling;

/**
 * How a coach wants an athlete to do a workout, and why.
 */
#[ORM\Entity]
#[ORM\Table(name: 'chosen_way')]
#[ORM\Index(name: 'chosen_way_of', columns: ['gym_id', 'athlete_id'])]
class ChosenWay implements BelongsToGym, VersionedRow
{
    use KeptRow;

    public const MOST_REASON = 200;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        /** As it stands on the whiteboard, canonical. */
        #[ORM\Column(length: OwnWorkout::MOST_TEXT)] private string $workout,
        #[ORM\Column(length: 16, enumType: Scaling::class)] private Scaling $scaling,
        /** As this athlete does it, canonical. */
        #[ORM\Column(length: OwnWorkout::MOST_TEXT)] private string $doing,
        #[ORM\Column(length: self::MOST_REASON)] private string $reason,
        #[ORM\Column(length: 80)] private string $chosenBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $chosenAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function workout(): string
    {
        return $this->workout;
    }

    public function scaling(): Scaling
    {
        return $this->scaling;
    }

    public function doing(): string
    {
        return $this->doing;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function chosenBy(): string
    {
        return $this->chosenBy;
    }

    public function chosenAt(): \DateTimeImmutable
    {
        return $this->chosenAt;
    }
}
