<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * An entry of the log as two coaches may both have written it.
 */
final readonly class WrittenEntry
{
    public function __construct(
        public string $id,
        /** Who wrote it; empty: nobody knows. */
        public string $by,
        /** Drill and count, the same text for the same set. */
        public string $what,
        /** Seconds since any one instant. */
        public int $atS,
        /** Somebody has said that it is right as it stands. */
        public bool $confirmed = false,
    ) {
    }
}
