<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

/**
 * What a text says, or where it stops being a workout.
 */
final readonly class ReadWorkoutView
{
    public function __construct(public ?WorkoutView $workout, public ?WorkoutErrorView $error)
    {
    }
}
