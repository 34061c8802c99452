<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Pacing\Aim;

/**
 * The doubles of a workout.
 */
final readonly class PacingInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 200)] public int $reps = 50,
        #[Assert\Range(min: 1, max: 10)] public int $rounds = 1,
        /** Seconds a miss costs. */
        #[Assert\Range(min: 0, max: 120)] public int $missCost = 10,
        /** Seconds a planned break costs. */
        #[Assert\Range(min: 0, max: 120)] public int $breakCost = 4,
        #[OneOf(Aim::class)] public string $aim = 'keep-moving',
    ) {
    }
}
