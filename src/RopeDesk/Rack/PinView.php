<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Zumbo\App\Entity\Ropes\RopePin;

/**
 * The coach's word that a shared rope goes to one athlete.
 */
final readonly class PinView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        public string $rackRopeId,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(RopePin $pin): self
    {
        return new self(
            $pin->id()->toRfc4122(),
            $pin->athleteId()->toRfc4122(),
            $pin->rackRopeId()->toRfc4122(),
            $pin->isRemoved(),
            $pin->version(),
        );
    }
}
