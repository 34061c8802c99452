<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * Jacobi's elliptic function sn(u, k) by descending Landen steps on the arithmetic–geometric mean.
 *
 * Source: NIST DLMF 22.20(ii); Abramowitz & Stegun 16.4. One object holds the means of one modulus, so that a whole
 * curve costs one mean.
 */
final readonly class JacobiSine
{
    private const MOST_STEPS = 40;

    /**
     * @param list<float> $ratios cₙ/aₙ for n = 1…N
     */
    private function __construct(private array $ratios, private float $lastMean)
    {
    }

    /**
     * @param float $complement 1 − k², in (0, 1]
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
        $ratios = [];
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            $c = ($a - $b) / 2;
            [$a, $b] = [($a + $b) / 2, sqrt($a * $b)];
            $ratios[] = $c / $a;
            if (abs($c) <= \PHP_FLOAT_EPSILON * $a) {
                break;
            }
        }

        return new self($ratios, $a);
    }

    public function at(float $u): float
    {
        $steps = \count($this->ratios);
        $phi = 2 ** $steps * $this->lastMean * $u;
        for ($n = $steps - 1; $n >= 0; --$n) {
            $phi = ($phi + asin(max(-1.0, min(1.0, $this->ratios[$n] * sin($phi))))) / 2;
        }

        return sin($phi);
    }
}
