<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\BelongsToGym;

/**
 * One line of the trail. Written by native SQL in Trail, never changed; its id says in which order they came.
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'trail')]
#[ORM\Index(name: 'trail_of', columns: ['gym_id', 'athlete_id', 'id'])]
#[ORM\Index(name: 'trail_row', columns: ['gym_id', 'row_id'])]
class TrailLine implements BelongsToGym
{
    /** Of these tables everything stays on this machine: who may sign in. */
    public const STAYS = ['coach', 'way_in'];

    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] public readonly Uuid $id,
        #[ORM\Column(type: 'datetime_immutable')] public readonly \DateTimeImmutable $doneAt,
        /** Nothing: nobody was signed in. */
        #[ORM\Column(length: 80)] public readonly string $doneBy,
        /** Whose row it was; null: nobody's. */
        #[ORM\Column(type: 'uuid', nullable: true)] public readonly ?Uuid $athleteId,
        /** The table. */
        #[ORM\Column(length: 16)] public readonly string $kind,
        #[ORM\Column(type: 'uuid')] public readonly Uuid $rowId,
        #[ORM\Column(length: 180)] public readonly string $rowName,
        #[ORM\Column(length: 8, enumType: TrailDeed::class)] public readonly TrailDeed $deed,
        /** Written as Changes writes them. */
        #[ORM\Column(type: 'text')] public readonly string $changes,
        /** False: it came with a file, which can say anything. */
        #[ORM\Column(options: ['default' => false])] public readonly bool $writtenHere,
    ) {
    }

    /** What goes out with a gym, as a condition on `t`: not that a file came in, nor that the gym itself was made. */
    public static function travels(): string
    {
        return \sprintf(
            "t.deed <> '%s' AND t.kind NOT IN ('%s') AND (t.kind <> 'gym' OR t.deed <> '%s')",
            TrailDeed::BroughtIn->value,
            implode("', '", self::STAYS),
            TrailDeed::Made->value,
        );
    }

    /**
     * @return array<string, array{mixed, mixed}> before and after, by column
     */
    public function changes(): array
    {
        return Changes::read($this->changes);
    }
}
