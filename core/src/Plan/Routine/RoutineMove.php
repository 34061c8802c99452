<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Routine;

/**
 * A move in a routine, and for how many beats.
 */
final readonly class RoutineMove
{
    public function __construct(public string $code, public string $title, public MoveKind $kind, public int $beats)
    {
    }
}
