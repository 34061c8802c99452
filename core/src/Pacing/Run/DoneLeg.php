<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * A leg as it went.
 */
final readonly class DoneLeg
{
    public function __construct(
        public RunLeg $leg,
        /** On the workout's clock, when it was touched off; null: the touch was forgotten, and the next one holds both. */
        public ?float $endS,
        /** Null: nobody counted. */
        public ?int $misses,
    ) {
    }
}
