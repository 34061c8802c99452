<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Run\OwnCosts;

/**
 * What a miss and a break cost in a plan, and who says so.
 */
final readonly class CostsView
{
    private function __construct(
        public float $missS,
        public float $breakS,
        /** From the athlete's own splits; not: as usual, or as the coach says. */
        public bool $ownMiss,
        public bool $ownBreak,
    ) {
    }

    public static function of(PaceCosts $asked, OwnCosts $own): self
    {
        return new self(
            $asked->missS ?? $own->missS ?? Jumper::MISS_COST_S,
            $asked->breakS ?? $own->breakS ?? Jumper::BREAK_COST_S,
            null === $asked->missS && null !== $own->missS,
            null === $asked->breakS && null !== $own->breakS,
        );
    }
}
