<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Streak\CountedReps;

/**
 * A log entry as a gate reads it: what was measured, what it says of the chance, and whether it was clean.
 */
final readonly class Entry
{
    public function __construct(public CountKind $countKind, public CountedReps $counted, public bool $clean)
    {
    }
}
