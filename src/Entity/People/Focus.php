<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Fault\Fault;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Sign;

/**
 * The one fault an athlete works on, as a coach found it, with the signs that led there. The newest that was not
 * removed holds: one focus at a time.
 */
#[ORM\Entity]
#[ORM\Table(name: 'focus')]
#[ORM\Index(name: 'focus_athlete', columns: ['gym_id', 'athlete_id', 'given_at'])]
class Focus implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;
    public const MOST_LETTERS = 120;

    /** @var list<string> */
    #[ORM\Column(name: 'signs', type: 'json')]
    private array $signCodes;

    /**
     * @param list<Sign> $signs
     */
    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(name: 'fault', length: 24)] private string $faultCode,
        array $signs,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $givenAt,
        #[ORM\Column(length: self::MOST_LETTERS, options: ['default' => ''])] private string $cue = '',
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->signCodes = array_map(static fn (Sign $sign): string => $sign->value, $signs);
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function givenAt(): \DateTimeImmutable
    {
        return $this->givenAt;
    }

    public function toCore(): Fault
    {
        return FaultTable::named($this->faultCode);
    }

    /**
     * @return list<Sign>
     */
    public function signs(): array
    {
        return array_map(Sign::from(...), $this->signCodes);
    }

    /** What was said; null: kept before cues were, the first one was. */
    public function cue(): ?string
    {
        return '' === $this->cue ? null : $this->cue;
    }

    public function trailName(): string
    {
        return '';
    }
}
