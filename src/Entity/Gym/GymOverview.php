<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Symfony\Component\Uid\Uuid;
use Zumbo\Core\Measure\LengthUnit;

/**
 * A gym as whoever runs the machine sees it: no name of an athlete.
 */
final readonly class GymOverview
{
    public function __construct(
        public Uuid $id,
        public string $name,
        /** IANA name, like Europe/London. */
        public string $timeZone,
        public LengthUnit $unit,
        public int $athletes,
        public int $coaches,
    ) {
    }

    /** "14 athletes, 1 coach". */
    public function people(): string
    {
        return \sprintf(
            '%d %s, %d %s',
            $this->athletes,
            1 === $this->athletes ? 'athlete' : 'athletes',
            $this->coaches,
            1 === $this->coaches ? 'coach' : 'coaches',
        );
    }
}
