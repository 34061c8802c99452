<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;

/**
 * What must be shown before the next stage, as count; quality is asked before count.
 */
final readonly class Gate
{
    public function __construct(
        public CountKind $countKind,
        /** Reps unbroken, clean ones, or seconds without a miss. */
        public int $count,
        /** Out of how many tries; 0 for the other kinds. */
        public int $tries = 0,
        /** What is looked at. */
        public string $quality = '',
    ) {
    }
}
