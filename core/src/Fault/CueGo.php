<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * One go under a cue, and what came of it.
 */
final readonly class CueGo
{
    public function __construct(
        /** Code of the fault. */
        public string $fault,
        /** As it was said. */
        public string $cue,
        public CueOutcome $outcome,
        public int $daysAgo = 0,
    ) {
    }
}
