<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\Asked;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Plan\Practice\PracticeWish;

/**
 * A practice for the class of today, as it is proposed for so many minutes.
 */
final readonly class PracticeInput
{
    /**
     * @param list<EquipmentInput>|null $equipment null: as last time
     */
    public function __construct(
        #[Assert\Range(min: PracticeWish::LEAST_MINUTES, max: PracticeWish::MOST_MINUTES)] public int $minutes,
        public bool $hardFloor = false,
        #[Assert\Count(max: 20)] #[Assert\Valid] public ?array $equipment = null,
        #[Assert\Range(min: 0, max: 2_147_483_647)] public int $seed = 1,
    ) {
    }
}
