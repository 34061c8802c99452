<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

use Zumbo\Core\Numeric\NormalDistribution;

/**
 * How the misses per try change over sessions: log λᵢ = a + b·xᵢ, fitted by weighted likelihood (a Poisson regression, as
 * R's glm(misses ~ x + offset(log(tries)), poisson, weights) gives it).
 *
 * Sessions differ more than chance alone: an evening's rate is beta-distributed around the usual one, which makes the
 * variance of n tries 1 + (n − 1)/(K + 1) times as large; its inverse is the weight of the session. How regular this athlete
 * is shows in their own sessions: the variance is scaled by Pearson's χ² over its degrees of freedom (as R's quasipoisson
 * does it), held towards 1 as if six sessions more had said so (our assumption).
 */
final readonly class RateTrend
{
    /** How much evenings differ (our assumption, the same as when misses stop the day). */
    public const CONCENTRATION = 100.0;

    /** As many degrees of freedom the belief in the concentration is worth. */
    public const HELD_BY = 6.0;

    private const STEPS = 50;
    private const DONE = 1e-10;

    /** A rate is never believed to be more than e¹⁰ times another: keeps a slope finite where one end has no misses. */
    private const SLOPE_PRECISION = 0.01;

    private function __construct(
        /** Change of the log of the rate for one unit of x. */
        public float $slope,
        public float $error,
    ) {
    }

    /**
     * @param list<array{float, int, int}> $sessions  x, tries, misses among them
     * @param float                        $sceptical precision of the belief that nothing changes, around 0
     * @param float                        $heldBy    INF: the variance is what the concentration says
     *
     * @return self|null null: no misses, or no two different x, tell nothing
     */
    public static function of(
        array $sessions,
        float $sceptical = self::SLOPE_PRECISION,
        float $concentration = self::CONCENTRATION,
        float $heldBy = self::HELD_BY,
    ): ?self {
        $misses = array_sum(array_column($sessions, 2));
        $tries = array_sum(array_column($sessions, 1));
        if (0 === $misses || \count(array_unique(array_column($sessions, 0))) < 2) {
            return null;
        }
        [$a, $b] = [log($misses / $tries), 0.0];
        for ($i = 0; $i < self::STEPS; ++$i) {
            [$gradient, $information] = self::derivatives($sessions, $a, $b, $sceptical, $concentration);
            [$aa, $ab, $bb] = $information;
            $det = $aa * $bb - $ab * $ab;
            $stepA = ($bb * $gradient[0] - $ab * $gradient[1]) / $det;
            $stepB = ($aa * $gradient[1] - $ab * $gradient[0]) / $det;
            // A step of more than two would overshoot where the rate is near 0.
            $scale = min(1.0, 2.0 / max(1e-12, abs($stepA), abs($stepB)));
            $a += $scale * $stepA;
            $b += $scale * $stepB;
            if (max(abs($stepA), abs($stepB)) < self::DONE) {
                break;
            }
        }
        [, [$aa, $ab, $bb]] = self::derivatives($sessions, $a, $b, $sceptical, $concentration);

        // The scepticism is no measurement: it is not scaled.
        $scale = self::scale($sessions, $a, $b, $concentration, $heldBy);
        [$aa, $ab, $bb] = [$aa / $scale, $ab / $scale, ($bb - $sceptical) / $scale + $sceptical];

        return new self($b, sqrt($aa / ($aa * $bb - $ab * $ab)));
    }

    /** Chance that the log of the rate changed by more than so much over a stretch of x. */
    public function chanceAbove(float $change, float $stretch = 1.0): float
    {
        return 1 - NormalDistribution::cumulative(($change - $stretch * $this->slope) / ($stretch * $this->error));
    }

    /**
     * @param list<array{float, int, int}> $sessions
     */
    private static function scale(array $sessions, float $a, float $b, float $concentration, float $heldBy): float
    {
        if (is_infinite($heldBy)) {
            return 1.0;
        }
        $chiSquared = 0.0;
        foreach ($sessions as [$x, $tries, $misses]) {
            $expected = $tries * exp($a + $b * $x);
            // An evening without a try tells nothing, and neither does one where no miss was to be expected and none came.
            $chiSquared += $expected > 0.0 ? self::weight($tries, $concentration) * ($misses - $expected) ** 2 / $expected : 0.0;
        }
        $freedom = $heldBy + max(0, \count($sessions) - 2);

        return $freedom > 0.0 ? ($heldBy + $chiSquared) / $freedom : 1.0;
    }

    private static function weight(int $tries, float $concentration): float
    {
        return 1 / (1 + max(0, $tries - 1) / ($concentration + 1));
    }

    /**
     * @param list<array{float, int, int}> $sessions
     *
     * @return array{array{float, float}, array{float, float, float}}
     */
    private static function derivatives(array $sessions, float $a, float $b, float $sceptical, float $concentration): array
    {
        [$ga, $gb, $aa, $ab, $bb] = [0.0, -$sceptical * $b, 0.0, 0.0, $sceptical];
        foreach ($sessions as [$x, $tries, $misses]) {
            $weight = self::weight($tries, $concentration);
            $expected = $tries * exp($a + $b * $x);
            $ga += $weight * ($misses - $expected);
            $gb += $weight * $x * ($misses - $expected);
            $aa += $weight * $expected;
            $ab += $weight * $x * $expected;
            $bb += $weight * $x * $x * $expected;
        }

        return [[$ga, $gb], [$aa, $ab, $bb]];
    }
}
