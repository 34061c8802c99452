<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Plan\Practice\Slot;

/**
 * Some athletes get something else in a part than is shown.
 */
final readonly class AnotherInput
{
    /**
     * @param list<string> $athletes ids
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 200)] #[Assert\All([new Assert\Uuid()])] public array $athletes,
        public Slot $part,
    ) {
    }
}
