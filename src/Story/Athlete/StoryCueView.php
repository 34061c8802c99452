<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

/**
 * A cue, and how often a go was better under it.
 */
final readonly class StoryCueView
{
    public function __construct(public string $cue, public int $goes, public int $better)
    {
    }
}
