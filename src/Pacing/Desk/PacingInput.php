<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Pacing\Workout\WorkoutTextInput;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Pacing\Desk\JumpSpeed;
use Zumbo\Core\Pacing\Scale\Aim;
use Zumbo\Core\Pacing\Scale\ScaleWish;

/**
 * A workout, what a miss and a break cost, what matters today, and how each way of scaling is meant.
 */
final readonly class PacingInput
{
    public function __construct(
        #[Assert\Length(max: WorkoutTextInput::LONGEST)] public string $text = '50 doubles',
        /** Seconds a miss costs; null: each athlete's own when known, else what is usual. */
        #[Assert\Range(min: 0, max: 120)] public ?int $missCost = null,
        /** Seconds a planned break costs; null: the same. */
        #[Assert\Range(min: 0, max: 120)] public ?int $breakCost = null,
        #[OneOf(Aim::class)] public string $aim = 'keep-moving',
        #[OneOf(JumpSpeed::class)] public string $speed = 'natural',
        /** Doubles of each station before the singles; null: half. */
        #[Assert\Range(min: 1, max: 1000)] public ?int $first = null,
        /** Doubles of each station; null: half, or as many as fit today. */
        #[Assert\Range(min: 1, max: 1000)] public ?int $cut = null,
        /** Singles for one double. */
        #[Assert\Range(min: 1, max: 10)] public float $ratio = ScaleWish::SINGLES_PER_DOUBLE,
        /** Seconds of tries; null: a minute, or as many as fit today. */
        #[Assert\Range(min: 5, max: 600)] public ?int $tries = null,
        /** Sets of the first doubles as a coach wants them, like 20-15-15; empty: as they are best. */
        #[Assert\Length(max: 80)] public string $sets = '',
    ) {
    }

    public function wish(): ScaleWish
    {
        return new ScaleWish($this->first, $this->cut, $this->ratio, null === $this->tries ? null : (float) $this->tries);
    }

    public function costs(): PaceCosts
    {
        return new PaceCosts($this->missCost, $this->breakCost, JumpSpeed::from($this->speed));
    }
}
