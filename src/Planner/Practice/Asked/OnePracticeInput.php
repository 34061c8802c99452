<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Plan\PlannedWish;

/**
 * A practice for one athlete, outside the class.
 */
final readonly class OnePracticeInput
{
    public function __construct(
        #[Assert\Range(min: 1, max: 120)] public int $minutes = PlannedWish::USUAL_MINUTES,
        /** Another one is another plan, the same one the same; null: as of today. */
        #[Assert\Range(min: 0, max: 999_999_999)] public ?int $seed = null,
    ) {
    }
}
