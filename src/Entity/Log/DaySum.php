<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\Core\Stage\Stage;

/**
 * What the present entries of a set add up to, of one stage and kind; kept, so that no screen reads a log entry by entry.
 * DaySums writes it and nobody else.
 */
#[ORM\Entity]
#[ORM\Table(name: 'day_sum')]
#[ORM\UniqueConstraint(name: 'day_sum_set', columns: ['gym_id', 'set_id', 'stage', 'kind'])]
#[ORM\Index(name: 'day_sum_athlete', columns: ['gym_id', 'athlete_id', 'local_day'])]
#[ORM\Index(name: 'day_sum_stage', columns: ['gym_id', 'athlete_id', 'stage', 'local_day'])]
class DaySum implements BelongsToGym
{
    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'date_immutable')] public readonly \DateTimeImmutable $localDay,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $setId,
        #[ORM\Id] #[ORM\Column(length: 8, enumType: Stage::class)] public readonly Stage $stage,
        #[ORM\Id] #[ORM\Column(length: 8, enumType: AttemptKind::class)] public readonly AttemptKind $kind,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $athleteId,
        #[ORM\Column(length: 40)] public readonly string $drill,
        #[ORM\Column(type: 'integer')] public readonly int $entries,
        #[ORM\Column(type: 'integer')] public readonly int $reps,
        /** Also the one that ended a go. */
        #[ORM\Column(type: 'integer')] public readonly int $misses,
        /** The most reps of an entry. */
        #[ORM\Column(type: 'integer')] public readonly int $best,
        /** Entries that two coaches may both have written (SameSet). */
        #[ORM\Column(type: 'integer')] public readonly int $doubts,
    ) {
    }
}
