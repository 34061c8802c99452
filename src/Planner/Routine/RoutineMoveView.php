<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

/**
 * A move of a routine, for so many beats.
 */
final readonly class RoutineMoveView
{
    public function __construct(public string $code, public string $title, public int $beats)
    {
    }
}
