<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Path;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Stage\Stage;

/**
 * That a coach asks something else at a stage, of one athlete or of the whole gym, or does not ask it; with the reason.
 * The newest one counts; all stay, as the history of it.
 */
#[ORM\Entity]
#[ORM\Table(name: 'gate_decision')]
#[ORM\Index(name: 'gate_decision_athlete', columns: ['gym_id', 'athlete_id'])]
class GateDecision implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    public const MOST_LETTERS = 200;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        /** Null: of the whole gym. */
        #[ORM\Column(type: 'uuid', nullable: true)] private ?Uuid $athleteId,
        #[ORM\Column(length: 8, enumType: Stage::class)] private Stage $stage,
        #[ORM\Column(length: 8, enumType: GateDeed::class)] private GateDeed $deed,
        #[ORM\Column(length: 12, enumType: GateChoice::class)] private GateChoice $choice,
        /** Null: the choice's own. */
        #[ORM\Column(type: 'integer', nullable: true)] private ?int $asked,
        #[ORM\Column(type: 'boolean')] private bool $withFeet,
        #[ORM\Column(length: self::MOST_LETTERS)] private string $reason,
        #[ORM\Column(length: 80)] private string $decidedBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $decidedAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function athleteId(): ?Uuid
    {
        return $this->athleteId;
    }

    public function stage(): Stage
    {
        return $this->stage;
    }

    public function deed(): GateDeed
    {
        return $this->deed;
    }

    public function setting(): GateSetting
    {
        return GateDeed::Set === $this->deed
            ? GateSetting::of($this->stage, $this->choice, $this->asked, $this->withFeet)
            : GateSetting::usual();
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function decidedBy(): string
    {
        return $this->decidedBy;
    }

    public function decidedAt(): \DateTimeImmutable
    {
        return $this->decidedAt;
    }

    public function trailName(): string
    {
        return $this->stage->value;
    }
}
