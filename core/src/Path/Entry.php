<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\Measure;
use Zumbo\Core\Streak\Evidence;

/**
 * A log entry as a gate reads it: what was measured, what it says of the chance, and whether it was clean.
 */
final readonly class Entry
{
    public function __construct(public Measure $measure, public Evidence $evidence, public bool $clean)
    {
    }
}
