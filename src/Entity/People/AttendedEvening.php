<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\Core\Today\AttendanceMark;

/**
 * What was said of somebody's being there on an evening; the last word counts. Written by native SQL in Attendances.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'attendance')]
#[ORM\UniqueConstraint(name: 'attendance_day', columns: ['gym_id', 'local_day', 'athlete_id'])]
#[ORM\Index(name: 'attendance_of', columns: ['gym_id', 'athlete_id'])]
class AttendedEvening implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $localDay,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $athleteId,
        #[ORM\Column(length: 4, enumType: AttendanceMark::class)] public readonly AttendanceMark $mark,
        #[ORM\Column(type: 'datetime_immutable')] public readonly \DateTimeImmutable $markedAt,
        #[ORM\Column(length: 80)] public readonly string $markedBy,
    ) {
    }
}
