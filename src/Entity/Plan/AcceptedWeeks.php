<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * The weeks that a coach accepted for an athlete, by what they rest on: what has changed since is told beside them.
 *
 * @phpstan-import-type Facts from WeeksFacts
 */
#[ORM\Entity]
#[ORM\Table(name: 'accepted_weeks')]
#[ORM\Index(name: 'accepted_weeks_athlete', columns: ['gym_id', 'athlete_id'])]
class AcceptedWeeks implements BelongsToGym, VersionedRow
{
    use KeptRow;

    /** @var Facts */
    #[ORM\Column(type: Types::JSON)]
    private array $facts;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        /** The Monday of the first week. */
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $fromDay,
        WeeksFacts $facts,
        #[ORM\Column(length: 80)] private string $acceptedBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $acceptedAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->facts = $facts->row();
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function fromDay(): \DateTimeImmutable
    {
        return $this->fromDay;
    }

    public function facts(): WeeksFacts
    {
        return WeeksFacts::read($this->facts);
    }

    public function acceptedBy(): string
    {
        return $this->acceptedBy;
    }

    public function acceptedAt(): \DateTimeImmutable
    {
        return $this->acceptedAt;
    }
}
