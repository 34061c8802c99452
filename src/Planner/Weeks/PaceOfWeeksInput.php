<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * What if somebody came so often.
 */
final readonly class PaceOfWeeksInput
{
    public function __construct(
        /** Practices a week; null: as they come now. */
        #[Assert\Range(min: 1, max: 7)] public ?int $perWeek = null,
    ) {
    }
}
