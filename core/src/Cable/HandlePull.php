<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;

/**
 * How hard a turning rope pulls on the hand: T = μω²d²(1+m)/(4m), in newtons. This is what an athlete feels.
 *
 * From the tension of the troposkein at the axis (Blackwell & Reis, SLA-74-0154, 1974); air drag neglected, which adds
 * to it. Digits: not better than ±10 %.
 */
final class HandlePull
{
    /** The rate at which feel is compared: a learner's steady singles. */
    /** Share by which the pull may be off. */
    public const ACCURACY = 0.1;

    public const LEARNING_TURNS_PER_MINUTE = 120.0;

    public static function newtons(TurningRope $rope, LinearDensity $density, Rate $turns): float
    {
        $m = $rope->modulus() ** 2;
        if ($m <= 0.0) {
            return 0.0;
        }
        $speed = $turns->radiansPerSecond() * $rope->depth->metres();

        return ($density->kilogramsPerMetre() * $speed ** 2 * (1 + $m)) / (4 * $m);
    }
}
