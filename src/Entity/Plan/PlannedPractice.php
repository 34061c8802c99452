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
 * What a coach planned for the class of a day: what they asked for, and what was chosen. The plan itself is made of it anew each
 * time it is looked at, so that a caution noted since takes jumps out of it at once.
 *
 * @phpstan-import-type Wish from PlannedWish
 */
#[ORM\Entity]
#[ORM\Table(name: 'planned_practice')]
#[ORM\Index(name: 'planned_practice_day', columns: ['gym_id', 'local_day'])]
class PlannedPractice implements BelongsToGym, VersionedRow
{
    use KeptRow;

    /** So many steps back. */
    private const MOST_BEFORE = 20;

    /** @var Wish */
    #[ORM\Column(type: Types::JSON)]
    private array $wish;

    /** @var list<Wish> the newest last */
    #[ORM\Column(name: 'before_wishes', type: Types::JSON)]
    private array $before = [];

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $localDay,
        PlannedWish $wish,
        #[ORM\Column(length: 80)] private string $changedBy,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->wish = $wish->row();
    }

    public function localDay(): \DateTimeImmutable
    {
        return $this->localDay;
    }

    public function wish(): PlannedWish
    {
        return PlannedWish::read($this->wish);
    }

    public function changedBy(): string
    {
        return $this->changedBy;
    }

    public function canUndo(): bool
    {
        return [] !== $this->before;
    }

    public function change(PlannedWish $wish, string $by): void
    {
        $this->before = \array_slice([...$this->before, $this->wish], -self::MOST_BEFORE);
        $this->wish = $wish->row();
        $this->changedBy = $by;
    }

    /** One step back; nothing where there is none. */
    public function undo(string $by): void
    {
        $last = array_pop($this->before);
        $this->wish = $last ?? $this->wish;
        $this->changedBy = $by;
    }
}
