<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * A workout of the gym's own, under a name.
 */
#[ORM\Entity]
#[ORM\Table(name: 'own_workout')]
class OwnWorkout implements BelongsToGym, VersionedRow
{
    use KeptRow;

    public const MOST_NAME = 80;
    public const MOST_TEXT = 2000;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(length: self::MOST_NAME)] private string $name,
        /** Canonical. */
        #[ORM\Column(name: 'workout', length: self::MOST_TEXT)] private string $text,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function change(string $name, string $text): void
    {
        $this->name = $name;
        $this->text = $text;
    }
}
