<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

/**
 * Sums of all entries that are looked for.
 */
final readonly class EntryTotalsView
{
    public function __construct(
        public int $entries,
        /** Reps, clean tries and seconds, as they were logged. */
        public int $reps,
        public int $misses,
    ) {
    }
}
