<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * The beta distribution: how sure one may be of a chance after so many successes and failures.
 *
 * Incomplete beta by its continued fraction (Abramowitz & Stegun 26.5.8; NIST DLMF 8.17.22), evaluated by Lentz's
 * method; quantiles by Newton's on it, kept in a bracket. Good to about 12 digits for α, β up to 10⁶.
 */
final readonly class BetaDistribution
{
    private const MOST_STEPS = 2000;
    private const TINY = 1e-300;
    private const QUANTILE_TOLERANCE = 1e-14;
    private const MOST_QUANTILE_STEPS = 200;

    private function __construct(
        public float $alpha,
        public float $beta,
        /** ln B(α, β): every probability needs it. */
        private float $logBeta,
    ) {
    }

    /** @throws NotSolvable when a parameter is not above 0 */
    public static function of(float $alpha, float $beta): self
    {
        foreach ([$alpha, $beta] as $parameter) {
            if (!($parameter > 0.0) || is_infinite($parameter)) {
                throw NotSolvable::outside('parameter of the beta distribution', $parameter, '(0, ∞)');
            }
        }

        return new self($alpha, $beta, self::logBeta($alpha, $beta));
    }

    public function mean(): float
    {
        return $this->alpha / ($this->alpha + $this->beta);
    }

    /**
     * E[pᵏ] = B(α+k, β)/B(α, β), the chance of k successes in a row; k may be negative down to −α.
     *
     * @throws NotSolvable when α + k is not above 0: the moment is infinite
     */
    public function moment(float $k): float
    {
        return exp(self::logBeta($this->alpha + $k, $this->beta) - $this->logBeta);
    }

    /** P(p ≤ x). */
    public function cumulative(float $x): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        if ($x >= 1.0) {
            return 1.0;
        }
        $front = exp($this->alpha * log($x) + $this->beta * log1p(-$x) - $this->logBeta);

        // The fraction converges fast on the near side of the mean; the other side is its mirror image.
        return $x < ($this->alpha + 1) / ($this->alpha + $this->beta + 2)
            ? ($front * self::fraction($this->alpha, $this->beta, $x)) / $this->alpha
            : 1 - ($front * self::fraction($this->beta, $this->alpha, 1 - $x)) / $this->beta;
    }

    /** The p that lies above a share of the distribution, 0 < share < 1. */
    public function quantile(float $share): float
    {
        [$low, $high, $x] = [0.0, 1.0, $this->mean()];
        for ($step = 0; $step < self::MOST_QUANTILE_STEPS && $high - $low > self::QUANTILE_TOLERANCE; ++$step) {
            $off = $this->cumulative($x) - $share;
            [$low, $high] = $off > 0.0 ? [$low, $x] : [$x, $high];
            $density = exp(($this->alpha - 1) * log($x) + ($this->beta - 1) * log1p(-$x) - $this->logBeta);
            $next = $density > 0.0 ? $x - $off / $density : \NAN;
            // Where the density is small a step of Newton's leaves the bracket: half of it is as good.
            $next = $next > $low && $next < $high ? $next : ($low + $high) / 2;
            if (abs($next - $x) <= self::QUANTILE_TOLERANCE) {
                return $next;
            }
            $x = $next;
        }

        return $x;
    }

    /**
     * P(p < q) of an independent q ~ Beta(α′, β′) with a whole α′: Σ B(α+i, β+β′) / ((β′+i) B(1+i, β′) B(α, β)), i = 0…α′−1
     * (J. D. Cook, Exact Calculation of Beta Inequalities, UT MD Anderson Cancer Center, 2005).
     */
    public function chanceBelow(int $alpha, float $beta): float
    {
        $sum = 0.0;
        for ($i = 0; $i < $alpha; ++$i) {
            $sum += exp(self::logBeta($this->alpha + $i, $this->beta + $beta)
                - log($beta + $i) - self::logBeta(1 + $i, $beta) - $this->logBeta);
        }

        return min(1.0, $sum);
    }

    /**
     * P(X = 0), P(X = 1) … of as many successes among n tries, p being distributed so: the beta-binomial distribution,
     * each from the one before it.
     *
     * @return iterable<int, float>
     */
    public function successesAmong(int $tries): iterable
    {
        $log = self::logBeta($this->alpha, $this->beta + $tries) - $this->logBeta;
        for ($k = 0; $k <= $tries; ++$k) {
            yield $k => exp($log);
            if ($k < $tries) {
                $log += log((($tries - $k) / ($k + 1)) * (($this->alpha + $k) / ($this->beta + $tries - $k - 1)));
            }
        }
    }

    public static function logBeta(float $a, float $b): float
    {
        return LogGamma::of($a) + LogGamma::of($b) - LogGamma::of($a + $b);
    }

    private static function fraction(float $a, float $b, float $x): float
    {
        $c = 1.0;
        $d = 1 - (($a + $b) * $x) / ($a + 1);
        $value = $d = 1 / (abs($d) < self::TINY ? self::TINY : $d);
        for ($m = 1; $m <= self::MOST_STEPS; ++$m) {
            $even = ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $factor = 1.0;
            foreach ([$even, $odd] as $term) {
                // Lentz's method must never divide by zero.
                $d = 1 + $term * $d;
                $d = 1 / (abs($d) < self::TINY ? self::TINY : $d);
                $c = 1 + $term / $c;
                $c = abs($c) < self::TINY ? self::TINY : $c;
                $factor = $c * $d;
                $value *= $factor;
            }
            if (abs($factor - 1) < 1e-15) {
                break;
            }
        }

        return $value;
    }
}
