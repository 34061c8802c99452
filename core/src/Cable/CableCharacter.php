<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;

/**
 * One cable in one athlete's hands, for a coach who chooses: what it pulls while learning and at doubles' speed, what
 * the air takes, and both on plain scales.
 */
final readonly class CableCharacter
{
    /** Turns a minute of linked doubles: 105 jumps a minute (common practice, no published source). */
    public const DOUBLES_TURNS_PER_MINUTE = 210.0;

    private function __construct(
        public LinearDensity $density,
        public float $diameterM,
        public float $learningPullN,
        public float $doublesPullN,
        /** Into the air, at doubles' speed; a lower bound. */
        public float $doublesPowerW,
        /** Least circle of the handle tips, radius; the same at every speed. */
        public float $wristCircleM,
        public Feel $feel,
        public Effort $effort,
        /** The family it is most like: what a stage may have is decided by it. */
        public CableFamily $like,
    ) {
    }

    public static function ofFamily(CableFamily $family, TurningRope $rope): self
    {
        return self::of($family->linearDensity(), $family->diameter(), $rope);
    }

    public static function of(LinearDensity $density, float $diameterM, TurningRope $rope): self
    {
        $learning = CableFeel::of($rope, $density, $diameterM, Rate::perMinute(HandlePull::LEARNING_TURNS_PER_MINUTE));
        $doubles = CableFeel::of($rope, $density, $diameterM, Rate::perMinute(self::DOUBLES_TURNS_PER_MINUTE));

        return new self(
            $density,
            $diameterM,
            $learning->handlePullN,
            $doubles->handlePullN,
            $doubles->dragPowerW,
            $doubles->wristCircleM,
            Feel::ofPull($learning->handlePullN),
            Effort::ofPower($doubles->dragPowerW),
            CableFamily::like($density, $diameterM),
        );
    }
}
