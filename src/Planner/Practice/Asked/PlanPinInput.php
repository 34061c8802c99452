<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Plan\Practice\Slot;

/**
 * What some athletes do in a part, because the coach says so.
 */
final readonly class PlanPinInput
{
    /**
     * @param list<string> $athletes ids
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 200)] #[Assert\All([new Assert\Uuid()])] public array $athletes,
        public Slot $part,
        /** Of a drill or a ladder; null: the plan chooses again. */
        #[Assert\Length(max: 40)] public ?string $code = null,
    ) {
    }
}
