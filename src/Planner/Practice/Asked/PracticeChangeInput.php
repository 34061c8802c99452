<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\Slot;

/**
 * One change of a planned practice: what is left out stays.
 */
final readonly class PracticeChangeInput
{
    /**
     * @param list<EquipmentInput>|null   $equipment
     * @param list<PartSecondsInput>|null $parts     lengths that the coach sets; an empty list: as they are proposed
     */
    public function __construct(
        #[Assert\Range(min: PracticeWish::LEAST_MINUTES, max: PracticeWish::MOST_MINUTES)] public ?int $minutes = null,
        public ?bool $hardFloor = null,
        #[Assert\Count(max: 20)] #[Assert\Valid] public ?array $equipment = null,
        #[Assert\Count(max: 5)] #[Assert\Valid] public ?array $parts = null,
        /** Something that the coach chooses, or gives back to the plan. */
        #[Assert\Valid] public ?PlanPinInput $pin = null,
        /** Another one than is shown. */
        #[Assert\Valid] public ?AnotherInput $another = null,
        /** A part whose length, as it is set, is for all plans to come. */
        public ?Slot $habit = null,
        /** Everything anew but what is pinned. */
        public bool $anew = false,
        /** One step back. */
        public bool $undo = false,
    ) {
    }
}
