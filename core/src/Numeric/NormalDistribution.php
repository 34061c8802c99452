<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * The standard normal distribution.
 */
final class NormalDistribution
{
    private const CUT = 7.07106781186547;
    private const NUMERATOR = [
        220.206867912376, 221.213596169931, 112.079291497871, 33.912866078383, 6.37396220353165, 0.700383064443688,
        3.52624965998911e-02,
    ];
    private const DENOMINATOR = [
        440.413735824752, 793.826512519948, 637.333633378831, 296.564248779674, 86.7807322029461, 16.064177579207,
        1.75566716318264, 8.83883476483184e-02,
    ];

    /**
     * Chance of a value below x, to fourteen digits (J. F. Hart and others, Computer Approximations, 1968, as set out by
     * G. West, Wilmott Magazine, May 2005, 70–76).
     */
    public static function cumulative(float $x): float
    {
        $z = abs($x);
        $tail = match (true) {
            $z > 37 => 0.0,
            $z < self::CUT => exp(-$z * $z / 2) * self::polynomial(self::NUMERATOR, $z) / self::polynomial(self::DENOMINATOR, $z),
            default => exp(-$z * $z / 2) / (2.506628274631 * ($z + 1 / ($z + 2 / ($z + 3 / ($z + 4 / ($z + 0.65)))))),
        };

        return $x > 0 ? 1 - $tail : $tail;
    }

    /**
     * @param non-empty-list<float> $coefficients the constant first
     */
    private static function polynomial(array $coefficients, float $z): float
    {
        $sum = 0.0;
        foreach (array_reverse($coefficients) as $coefficient) {
            $sum = $sum * $z + $coefficient;
        }

        return $sum;
    }
}
