<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Zumbo\Core\Pacing\Workout\WorkoutError;

/**
 * Where a text stops being a workout.
 */
final readonly class WorkoutErrorView
{
    private function __construct(
        /** Of the character, from 1. */
        public int $position,
        public string $given,
        public string $accepted,
    ) {
    }

    public static function of(WorkoutError $error): self
    {
        return new self($error->position, $error->given, $error->accepted);
    }
}
