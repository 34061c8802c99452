<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\Length;

/**
 * A rope that hangs on the rack.
 */
final readonly class SharedRope
{
    /**
     * @param list<InspectionPoint> $failed what its last inspection found
     */
    public function __construct(
        public string $tag,
        public Length $cable,
        public CableFamily $family,
        /** The coach holds it back tonight. */
        public bool $keptBack = false,
        public array $failed = [],
    ) {
    }

    /** A rope that failed its inspection is given to nobody, one that is kept back only by the coach. */
    public function isSafe(): bool
    {
        return [] === $this->failed;
    }
}
