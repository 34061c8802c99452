<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Pacing\Desk\PaceCosts;
use Zumbo\App\Pacing\Workout\WorkoutTextInput;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Pacing\Desk\JumpSpeed;
use Zumbo\Core\Pacing\Scale\Aim;

/**
 * A workout for everybody who is here.
 */
final readonly class ClassPacingInput
{
    public function __construct(
        #[Assert\Length(max: WorkoutTextInput::LONGEST)] public string $text = '50 doubles',
        #[Assert\Range(min: 0, max: 120)] public ?int $missCost = null,
        #[Assert\Range(min: 0, max: 120)] public ?int $breakCost = null,
        #[OneOf(Aim::class)] public string $aim = 'keep-moving',
        #[OneOf(JumpSpeed::class)] public string $speed = 'natural',
        /** Seconds from the first to the last; null: nobody is levelled. */
        #[Assert\Range(min: 10, max: 3600)] public ?int $within = null,
        /** Doubles that each keeps of the whole workout. */
        #[Assert\Range(min: 0, max: 5000)] public int $least = 0,
    ) {
    }

    public function costs(): PaceCosts
    {
        return new PaceCosts($this->missCost, $this->breakCost, JumpSpeed::from($this->speed));
    }
}
