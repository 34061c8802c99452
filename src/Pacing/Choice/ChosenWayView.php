<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Choice;

use Zumbo\App\Entity\Plan\ChosenWay;
use Zumbo\Core\Pacing\Scale\Scaling;

/**
 * The way that a coach chose for an athlete, and why.
 */
final readonly class ChosenWayView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        public Scaling $scaling,
        /** The workout as this athlete does it. */
        public string $doing,
        /** Empty: none was said. */
        public string $reason,
        public string $chosenBy,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(ChosenWay $way): self
    {
        return new self(
            $way->id()->toRfc4122(),
            $way->athleteId()->toRfc4122(),
            $way->scaling(),
            $way->doing(),
            $way->reason(),
            $way->chosenBy(),
            $way->isRemoved(),
            $way->version(),
        );
    }
}
