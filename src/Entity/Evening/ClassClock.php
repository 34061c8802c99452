<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Sets\Clock\SharedClock;

/**
 * The one clock of a class: who does what under it, and where it stands. It ends with the class, and its link with it.
 */
#[ORM\Entity]
#[ORM\Table(name: 'class_clock')]
#[ORM\Index(name: 'class_clock_open', columns: ['gym_id', 'removed_at'])]
class ClassClock implements BelongsToGym, VersionedRow
{
    use KeptRow;

    /** @var list<array{atS: float, seconds: int}> */
    #[ORM\Column(type: Types::JSON)]
    private array $stretches;

    #[ORM\Column(type: 'bigint')]
    private int $startMs;

    #[ORM\Column(type: 'bigint', nullable: true)]
    private ?int $pausedAtMs;

    /**
     * @param list<array{title: string, text: string, keepLastRest: bool, athletes: list<string>}> $programmes
     */
    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $localDay,
        #[ORM\Column(type: Types::JSON)] private array $programmes,
        SharedClock $clock,
        /** What opens the athletes' view: first names and a clock, until the class ends. */
        #[ORM\Column(length: 64)] private string $linkSecret,
        #[ORM\Column(length: 80)] private string $movedBy,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->take($clock);
    }

    public function localDay(): \DateTimeImmutable
    {
        return $this->localDay;
    }

    /**
     * @return list<array{title: string, text: string, keepLastRest: bool, athletes: list<string>}>
     */
    public function programmes(): array
    {
        return $this->programmes;
    }

    public function clock(): SharedClock
    {
        return new SharedClock($this->startMs, $this->pausedAtMs, $this->stretches);
    }

    public function linkSecret(): string
    {
        return $this->linkSecret;
    }

    /** Who started, paused or moved it last. */
    public function movedBy(): string
    {
        return $this->movedBy;
    }

    public function move(SharedClock $clock, string $by): void
    {
        $this->take($clock);
        $this->movedBy = $by;
    }

    /**
     * @param list<array{title: string, text: string, keepLastRest: bool, athletes: list<string>}> $programmes
     */
    public function share(array $programmes, string $by): void
    {
        $this->programmes = $programmes;
        $this->movedBy = $by;
    }

    private function take(SharedClock $clock): void
    {
        [$this->startMs, $this->pausedAtMs, $this->stretches] = [$clock->startMs, $clock->pausedAtMs, $clock->stretches];
    }
}
