<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

/**
 * A drill that is a step easier or harder.
 */
final readonly class NeighbourView
{
    public function __construct(public string $code, public string $title)
    {
    }
}
