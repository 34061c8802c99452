<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Zumbo\App\Entity\Ropes\OwnCable;
use Zumbo\Core\Cable\CableFamily;

/**
 * A cable the gym has weighed itself.
 */
final readonly class OwnCableView
{
    private function __construct(
        public string $id,
        public string $name,
        public float $diameterM,
        public float $densityKgPerM,
        /** The family it counts as. */
        public CableFamily $like,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(OwnCable $cable): self
    {
        return new self(
            $cable->id()->toRfc4122(),
            $cable->name(),
            $cable->diameterM(),
            $cable->piece()->density->kilogramsPerMetre(),
            $cable->family(),
            $cable->isRemoved(),
            $cable->version(),
        );
    }
}
