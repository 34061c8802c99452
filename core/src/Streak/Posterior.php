<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

use Zumbo\Core\Numeric\BetaDistribution;

/**
 * What the log says about the chance p of a rep: Beta(α, β) with α = α₀ + Σ w·reps, β = β₀ + Σ w·misses, w the weight
 * by age. P(next streak ≥ r) = B(α+r, β)/B(α, β). Derivation: docs/models/streaks.md.
 */
final readonly class Posterior
{
    private const EVERY_INTERVAL = 0.95;

    /**
     * @param int $entries how many entries it rests on
     */
    private function __construct(public BetaDistribution $chance, public int $entries, public bool $summed)
    {
    }

    /**
     * @param list<CountedReps> $counted
     */
    public static function of(Prior $prior, array $counted): self
    {
        $alpha = $prior->alpha;
        $beta = $prior->beta;
        $summed = false;
        foreach ($counted as $entry) {
            $alpha += $entry->weight() * $entry->successes;
            $beta += $entry->weight() * $entry->misses;
            $summed = $summed || $entry->summed;
        }

        return new self(BetaDistribution::of($alpha, $beta), \count($counted), $summed);
    }

    /**
     * The same from sums that are weighed already.
     *
     * @param int $entries how many it rests on
     */
    public static function ofSums(Prior $prior, float $successes, float $misses, int $entries, bool $summed): self
    {
        return new self(BetaDistribution::of($prior->alpha + $successes, $prior->beta + $misses), $entries, $summed);
    }

    /**
     * The interval that holds p with 95 %.
     *
     * @return array{float, float}
     */
    public function interval(float $share = self::EVERY_INTERVAL): array
    {
        $tail = (1 - $share) / 2;

        return [$this->chance->quantile($tail), $this->chance->quantile(1 - $tail)];
    }

    /** Whether a chance lies outside of the interval that holds p with so much. */
    public function excludes(float $chance, float $share): bool
    {
        $below = $this->chance->cumulative($chance);

        return min($below, 1 - $below) < (1 - $share) / 2;
    }

    /** Chance that the next go reaches so many reps. */
    public function chanceOf(int $reps): float
    {
        return $this->chance->moment($reps);
    }

    /**
     * Chance of at least `clean` clean ones among `tries`: the beta-binomial distribution's tail.
     */
    public function chanceOfClean(int $clean, int $tries): float
    {
        $sum = 0.0;
        foreach ($this->chance->successesAmong($tries) as $k => $chance) {
            $sum += $k >= $clean ? $chance : 0.0;
        }

        return min(1.0, $sum);
    }

    /**
     * Reps done until a streak of r is first reached, on average over what is believed of p: Σₖ E[p⁻ᵏ], k = 1…r, from
     * (1 − pʳ)/((1 − p)pʳ) (W. Feller, An Introduction to Probability Theory and Its Applications I, ch. XIII).
     *
     * @return float|null null when it is infinite: α ≤ r
     */
    public function expectedReps(int $reps): ?float
    {
        if ($this->chance->alpha <= $reps) {
            return null;
        }
        $sum = 0.0;
        for ($k = 1; $k <= $reps; ++$k) {
            $sum += $this->chance->moment(-$k);
        }

        return $sum;
    }

    /** Goes until one reaches r: E[p⁻ʳ]; null when it is infinite: α ≤ r. */
    public function expectedTries(int $reps): ?float
    {
        return $this->chance->alpha <= $reps ? null : $this->chance->moment(-$reps);
    }

    /** Feller's formula at one p; infinite at p = 0. */
    public static function repsToStreak(float $p, int $reps): float
    {
        if ($p <= 0.0) {
            return 0 === $reps ? 0.0 : \INF;
        }
        $sum = 0.0;
        for ($k = 1; $k <= $reps; ++$k) {
            $sum += $p ** -$k;
        }

        return $sum;
    }
}
