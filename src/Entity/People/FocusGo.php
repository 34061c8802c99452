<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Fault\CueGo;
use Zumbo\Core\Fault\CueOutcome;

/**
 * One go of an athlete under a cue, and what came of it. Carries fault and cue itself: they are what is learned from,
 * whatever becomes of the focus.
 */
#[ORM\Entity]
#[ORM\Table(name: 'focus_go')]
#[ORM\Index(name: 'focus_go_athlete', columns: ['gym_id', 'athlete_id', 'gone_at'])]
class FocusGo implements BelongsToGym, VersionedRow
{
    use KeptRow;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $focusId,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(length: 24)] private string $fault,
        #[ORM\Column(length: Focus::MOST_LETTERS)] private string $cue,
        #[ORM\Column(length: 8, enumType: CueOutcome::class)] private CueOutcome $outcome,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $goneAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function focusId(): Uuid
    {
        return $this->focusId;
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function outcome(): CueOutcome
    {
        return $this->outcome;
    }

    public function goneAt(): \DateTimeImmutable
    {
        return $this->goneAt;
    }

    public function toCore(\DateTimeImmutable $now): CueGo
    {
        return new CueGo($this->fault, $this->cue, $this->outcome, $this->goneAt->diff($now)->days);
    }
}
