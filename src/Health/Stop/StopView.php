<?php

declare(strict_types=1);

namespace Zumbo\App\Health\Stop;

use Zumbo\App\Entity\Health\DayStop;
use Zumbo\Core\Today\StopWord;

/**
 * A day on which a coach ended somebody's jumping.
 */
final readonly class StopView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        public string $localDay,
        public StopWord $why,
        public string $stoppedBy,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(DayStop $stop): self
    {
        return new self(
            $stop->id()->toRfc4122(),
            $stop->athleteId()->toRfc4122(),
            $stop->localDay()->format('Y-m-d'),
            $stop->why(),
            $stop->stoppedBy(),
            $stop->isRemoved(),
            $stop->version(),
        );
    }
}
