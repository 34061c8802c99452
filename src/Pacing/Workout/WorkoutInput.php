<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Plan\OwnWorkout;

/**
 * A workout to keep.
 */
final readonly class WorkoutInput
{
    public function __construct(
        #[Assert\NotBlank] #[Assert\Length(max: OwnWorkout::MOST_NAME)] public string $name,
        #[Assert\NotBlank] #[Assert\Length(max: OwnWorkout::MOST_TEXT)] public string $text,
    ) {
    }
}
