<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * Reps that were made, and misses: of one evening, or of all before it.
 */
final readonly class CountedNight
{
    public function __construct(public int $reps, public int $misses)
    {
    }
}
