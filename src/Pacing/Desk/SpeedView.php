<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Pacing\Desk\JumpSpeed;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Workout\WorkoutForm;

/**
 * The workout at one speed of jumping, should the chance of a miss be the same at each.
 */
final readonly class SpeedView
{
    private function __construct(
        public JumpSpeed $speed,
        public float $jumpM,
        public float $aMinute,
        /** Of the workout; null: its clock ends it. */
        public ?float $expectedS,
        /** Of a jump, and of a minute, to low and fast; upper bounds. */
        public float $workRatio,
        public float $powerRatio,
    ) {
    }

    /**
     * @return list<self>
     */
    public static function all(TimedWorkout $timed, JumpSpeed $planned): array
    {
        return array_map(static fn (JumpSpeed $speed): self => new self(
            $speed,
            $speed->heightM(),
            60 * $speed->perSecond(),
            WorkoutForm::ForTime === $timed->workout->form
                ? $timed->expectedS + $timed->workout->doubles() * (1 / $speed->perSecond() - 1 / $planned->perSecond())
                : null,
            $speed->workRatio(),
            $speed->powerRatio(),
        ), JumpSpeed::cases());
    }
}
