<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * Complete elliptic integrals of the first and second kind, K(m) and E(m), by the arithmetic–geometric mean.
 *
 * Source: Abramowitz & Stegun, Handbook of Mathematical Functions, 17.6; NIST DLMF 19.8. The argument is the
 * complementary parameter m₁ = 1 − m, since ropes have m close to 1 where 1 − m would lose all its digits.
 */
final readonly class EllipticIntegral
{
    /** The mean converges quadratically: 6 steps do for any double; more would mean it never ends. */
    private const MOST_STEPS = 40;

    private function __construct(public float $first, public float $second)
    {
    }

    /**
     * @param float $complement m₁ = 1 − m, in (0, 1]
     *
     * @throws NotSolvable outside that range
     */
    public static function ofComplement(float $complement): self
    {
        if (!($complement > 0.0 && $complement <= 1.0)) {
            throw NotSolvable::outside('complementary parameter', $complement, '(0, 1]');
        }
        $a = 1.0;
        $b = sqrt($complement);
        // Σ 2ⁿ⁻¹ cₙ² with c₀² = m = 1 − m₁ (A&S 17.6.4)
        $sum = 0.5 * (1.0 - $complement);
        $weight = 0.5;
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            $c = ($a - $b) / 2;
            if (abs($c) <= \PHP_FLOAT_EPSILON * $a) {
                break;
            }
            [$a, $b] = [($a + $b) / 2, sqrt($a * $b)];
            $weight *= 2;
            $sum += $weight * $c * $c;
        }
        $first = \M_PI / (2 * $a);

        return new self($first, $first * (1.0 - $sum));
    }
}
