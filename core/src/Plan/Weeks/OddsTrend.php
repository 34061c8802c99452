<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Path\SessionSum;

/**
 * How the odds of a rep change over practices: log-odds η = a + b·x, x in practices from the last one, by penalised likelihood.
 *
 * Binomial regression (as R's glm(cbind(made, missed) ~ x, binomial, weights) has it) with normal beliefs on a and b; a session
 * of n tries counts as an evening whose rate is beta-distributed around the usual one: weight 1 / (1 + (n − 1)/(K + 1)), K = 100,
 * and a stopped day a quarter of that. The belief in the slope is the gym's: most improve by about a twentieth in log-odds a
 * practice, few by more than a seventh or fall back (our assumption, until a gym's own athletes say otherwise).
 */
final readonly class OddsTrend
{
    public const USUAL_SLOPE = 0.05;
    public const SLOPE_SPREAD = 0.05;
    private const LEVEL = 2.0;
    private const LEVEL_SPREAD = 2.5;
    private const CONCENTRATION = 100.0;
    private const STEPS = 60;

    private function __construct(
        /** Log-odds at the last practice, and their change a practice. */
        public float $level,
        public float $slope,
        /** Of the belief afterwards: variances and covariance. */
        public float $levelVariance,
        public float $slopeVariance,
        public float $covariance,
    ) {
    }

    /**
     * @param list<SessionSum> $sessions the newest last; none: the belief alone
     */
    public static function of(array $sessions, float $usualSlope = self::USUAL_SLOPE): self
    {
        $last = \count($sessions) - 1;
        [$a, $b] = [self::LEVEL, $usualSlope];
        $h = [1.0, 0.0, 1.0];
        for ($step = 0; $step < self::STEPS; ++$step) {
            [$ga, $gb] = [(self::LEVEL - $a) / self::LEVEL_SPREAD ** 2, ($usualSlope - $b) / self::SLOPE_SPREAD ** 2];
            $h = [1 / self::LEVEL_SPREAD ** 2, 0.0, 1 / self::SLOPE_SPREAD ** 2];
            foreach ($sessions as $i => $session) {
                $x = $i - $last;
                $n = $session->tries();
                $p = 1 / (1 + exp(-$a - $b * $x));
                $weight = $session->share() / (1 + max(0, $n - 1) / (self::CONCENTRATION + 1));
                $ga += $weight * ($session->successes - $n * $p);
                $gb += $weight * $x * ($session->successes - $n * $p);
                $curve = $weight * $n * $p * (1 - $p);
                $h = [$h[0] + $curve, $h[1] + $curve * $x, $h[2] + $curve * $x * $x];
            }
            $det = $h[0] * $h[2] - $h[1] * $h[1];
            $stepA = ($h[2] * $ga - $h[1] * $gb) / $det;
            $stepB = ($h[0] * $gb - $h[1] * $ga) / $det;
            $scale = min(1.0, 2.0 / max(1e-12, abs($stepA)), 0.5 / max(1e-12, abs($stepB)));
            $a += $scale * $stepA;
            $b += $scale * $stepB;
            if (max(abs($stepA), abs($stepB)) < 1e-11) {
                break;
            }
        }
        $det = $h[0] * $h[2] - $h[1] * $h[1];

        return new self($a, $b, $h[2] / $det, $h[0] / $det, -$h[1] / $det);
    }

    /**
     * One level and slope out of the belief.
     *
     * @return array{float, float}
     */
    public function drawn(float $one, float $other): array
    {
        $spread = sqrt($this->levelVariance);
        $share = $this->covariance / $this->levelVariance;
        $rest = sqrt(max(0.0, $this->slopeVariance - $share * $this->covariance));

        return [$this->level + $spread * $one, $this->slope + $share * $spread * $one + $rest * $other];
    }
}
