<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

/**
 * A length an athlete jumped with, since when, and how it went.
 */
final readonly class PastLengthView
{
    public function __construct(
        public string $ropeId,
        /** Local day, like 2026-11-24. */
        public string $since,
        public float $cableLengthM,
        /** Why it was not the computed one; empty when it was. */
        public string $reason,
        /** Entries logged with it at the present stage. */
        public int $entries,
        /** Misses in 100 reps; null: nothing was logged with it. */
        public ?float $missesPer100,
    ) {
    }
}
