<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Pacing\Desk\JumpSpeed;

/**
 * What a coach says of a miss and a break, and how fast is jumped.
 */
final readonly class PaceCosts
{
    public function __construct(
        /** Seconds; null: the athlete's own when known, else what is usual. */
        public ?int $missS,
        public ?int $breakS,
        public JumpSpeed $speed,
    ) {
    }
}
