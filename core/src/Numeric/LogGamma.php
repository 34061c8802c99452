<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * ln Γ(x) for x > 0, to about 14 digits.
 *
 * Stirling's series with seven terms (Abramowitz & Stegun 6.1.41) from x ≥ 10 on; below, the recurrence
 * Γ(x+1) = xΓ(x) (6.1.15) lifts x there first.
 */
final class LogGamma
{
    private const SERIES_FROM = 10.0;

    /** B₂ₙ / (2n(2n−1)), n = 1…7. */
    private const COEFFICIENTS = [1 / 12, -1 / 360, 1 / 1260, -1 / 1680, 1 / 1188, -691 / 360360, 1 / 156];

    /** @throws NotSolvable when x is not above 0 */
    public static function of(float $x): float
    {
        if (!($x > 0.0) || is_infinite($x)) {
            throw NotSolvable::outside('argument of ln Γ', $x, '(0, ∞)');
        }
        $lifted = 1.0;
        while ($x < self::SERIES_FROM) {
            $lifted *= $x;
            $x += 1.0;
        }
        $series = 0.0;
        $power = 1.0 / $x;
        foreach (self::COEFFICIENTS as $coefficient) {
            $series += $coefficient * $power;
            $power /= $x * $x;
        }

        return ($x - 0.5) * log($x) - $x + 0.5 * log(2 * \M_PI) + $series - log($lifted);
    }
}
