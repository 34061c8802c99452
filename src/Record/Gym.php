<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\Core\Measure\LengthUnit;

/**
 * One gym: everything else belongs to one.
 */
#[ORM\Entity]
#[ORM\Table(name: 'gym')]
class Gym
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        #[ORM\Column(length: 80)]
        private string $name,
        /** IANA name, like Europe/London. */
        #[ORM\Column(length: 64)]
        private string $timeZone,
        #[ORM\Column(length: 8, enumType: LengthUnit::class)]
        private LengthUnit $unit,
        /** Raised by every committed write. */
        #[ORM\Column(type: 'bigint', options: ['unsigned' => true, 'default' => 0])]
        private int $revision = 0,
    ) {
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function timeZone(): string
    {
        return $this->timeZone;
    }

    public function unit(): LengthUnit
    {
        return $this->unit;
    }

    public function revision(): int
    {
        return $this->revision;
    }
}
