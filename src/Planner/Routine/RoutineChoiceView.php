<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

/**
 * A move that may be chosen.
 */
final readonly class RoutineChoiceView
{
    public function __construct(public string $code, public string $title)
    {
    }
}
