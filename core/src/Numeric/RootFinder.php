<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * A zero of a continuous function inside a bracket, by Brent's method: secant and inverse quadratic steps, with a
 * bisection wherever they would not help. Never leaves the bracket.
 *
 * Source: R. P. Brent, Algorithms for Minimization without Derivatives (1973), chapter 4.
 */
final class RootFinder
{
    private const MOST_STEPS = 120;

    /**
     * @param callable(float): float $function
     * @param float                  $tolerance half the width of the bracket at which it stops, above 0
     *
     * @throws NotSolvable when the function has the same sign at both ends
     */
    public static function between(callable $function, float $low, float $high, float $tolerance): float
    {
        [$a, $b] = [$low, $high];
        [$fa, $fb] = [$function($a), $function($b)];
        if (!($fa * $fb <= 0)) {
            throw NotSolvable::noSignChange($low, $high);
        }
        [$c, $fc] = [$a, $fa];
        $step = $before = $b - $a;
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            if (abs($fc) < abs($fb)) {
                [$a, $b, $c] = [$b, $c, $b];
                [$fa, $fb, $fc] = [$fb, $fc, $fb];
            }
            $near = 2 * \PHP_FLOAT_EPSILON * abs($b) + $tolerance / 2;
            $half = ($c - $b) / 2;
            if (abs($half) <= $near || 0.0 === $fb) {
                return $b;
            }
            $guess =
                abs($before) >= $near && abs($fa) > abs($fb) ? self::interpolate($a, $b, $c, $fa, $fb, $fc) : $half;
            $inside = $guess * $half > 0 && abs($guess) < min(1.5 * abs($half) - abs($near) / 2, abs($before) / 2);
            [$before, $step] = $inside ? [$step, $guess] : [$half, $half];
            [$a, $fa] = [$b, $fb];
            $b += abs($step) > $near ? $step : ($half > 0 ? $near : -$near);
            $fb = $function($b);
            if ($fb * $fc > 0) {
                [$c, $fc] = [$a, $fa];
                $step = $before = $b - $a;
            }
        }

        return $b;
    }

    /** The step from b to the zero of the parabola (or line) through the last points. */
    private static function interpolate(float $a, float $b, float $c, float $fa, float $fb, float $fc): float
    {
        $s = $fb / $fa;
        if ($a === $c) {
            return (($c - $b) * $s) / ($s - 1);
        }
        $q = $fa / $fc;
        $r = $fb / $fc;
        $p = $s * (($c - $b) * $q * ($q - $r) - ($b - $a) * ($r - 1));
        $denominator = ($q - 1) * ($r - 1) * ($s - 1);

        return 0.0 === $denominator ? 0.0 : -$p / $denominator;
    }
}
