<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Effort;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Load\SessionRating;

/**
 * How hard a session felt, and how long it took, as the athlete said it or a coach wrote it down.
 */
#[ORM\Entity]
#[ORM\Table(name: 'session_effort')]
#[ORM\Index(name: 'session_effort_day', columns: ['gym_id', 'athlete_id', 'done_on'])]
class SessionEffort implements BelongsToGym, VersionedRow
{
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $doneOn,
        #[ORM\Column(type: 'smallint')] private int $effort,
        #[ORM\Column(type: 'smallint')] private int $minutes,
        #[ORM\Column(length: 80, options: ['default' => ''])] private string $saidBy,
        #[ORM\Column(type: 'boolean', options: ['default' => false])] private bool $selfReported = false,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function doneOn(): \DateTimeImmutable
    {
        return $this->doneOn;
    }

    public function effort(): int
    {
        return $this->effort;
    }

    public function minutes(): int
    {
        return $this->minutes;
    }

    public function saidBy(): string
    {
        return $this->saidBy;
    }

    public function isSelfReported(): bool
    {
        return $this->selfReported;
    }

    public function rating(): SessionRating
    {
        return SessionRating::of($this->effort, $this->minutes);
    }
}
