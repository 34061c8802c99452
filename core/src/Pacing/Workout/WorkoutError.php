<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

use Zumbo\Core\Measure\CoreException;

/**
 * A text that is no workout, and the place where it stops being one.
 */
final class WorkoutError extends \InvalidArgumentException implements CoreException
{
    private function __construct(
        string $message,
        /** Of the character, from 1. */
        public readonly int $position,
        public readonly string $given,
        public readonly string $accepted,
    ) {
        parent::__construct($message);
    }

    public static function at(int $position, string $given, string $accepted): self
    {
        return new self(
            \sprintf('workout, character %d, "%s": %s', $position, $given, $accepted),
            $position,
            $given,
            $accepted,
        );
    }
}
