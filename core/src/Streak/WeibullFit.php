<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Numeric\Minimiser;

/**
 * The discrete Weibull curve S(n) = exp(−(n/λ)^β) that fits single goes best, by maximum likelihood with censoring: a
 * miss after x says S(x) − S(x+1), a go stopped after x says S(x).
 *
 * β above 1: misses come with tiredness; below 1: the start is the problem. Few misses say little about β: then it is
 * drawn towards 1, by a normal prior on ln β of width 0.3 (our assumption).
 */
final readonly class WeibullFit
{
    private const LEAST_MISSES = 3;
    private const SHRINK_WIDTH = 0.3;

    /** ln of the longest scale and the steepest shape looked at: beyond them nothing is told apart. */
    private const MOST_LN_SCALE = 16.0;
    private const MOST_LN_SHAPE = 3.0;

    private function __construct(
        public float $scale,
        public float $shape,
        public float $negativeLogLikelihood,
        public float $errorOfLnScale,
        public float $errorOfLnShape,
    ) {
    }

    /**
     * @param list<CountedReps> $goes single goes
     *
     * @return self|Verdict the verdict says why the curve can't be told
     */
    public static function of(array $goes): self|Verdict
    {
        return self::fit($goes, static fn (float $lnShape): float => 0.0);
    }

    /**
     * The same, with the shape drawn towards 1.
     *
     * @param list<CountedReps> $goes
     */
    public static function shrunk(array $goes): self|Verdict
    {
        return self::fit($goes, static fn (float $lnShape): float => $lnShape ** 2 / (2 * self::SHRINK_WIDTH ** 2));
    }

    /**
     * @param list<CountedReps>      $goes
     * @param callable(float): float $penalty
     */
    private static function fit(array $goes, callable $penalty): self|Verdict
    {
        $misses = \count(array_filter($goes, static fn (CountedReps $go): bool => $go->misses > 0));
        if ($misses < self::LEAST_MISSES) {
            return Verdict::of('weibull.few_misses', ['misses' => $misses, 'needed' => self::LEAST_MISSES]);
        }
        $failed = array_unique(
            array_map(static fn (CountedReps $go): int => $go->misses > 0 ? $go->successes : -1, $goes),
        );
        if (1 === \count(array_diff($failed, [-1]))) {
            return Verdict::of('weibull.all_alike', ['misses' => $misses]);
        }
        $cost = static fn (float $lnScale, float $lnShape): float => self::cost($goes, $lnScale, $lnShape) +
            $penalty($lnShape);
        $start = log(1 + array_sum(array_map(static fn (CountedReps $go): int => $go->successes, $goes)) / $misses);
        [$lnScale, $lnShape] = Minimiser::of($cost, $start, 0.0);
        [$xx, $xy, $yy] = Minimiser::curvature($cost, $lnScale, $lnShape);
        $determinant = $xx * $yy - $xy ** 2;
        if (!($determinant > 0) || $lnScale > self::MOST_LN_SCALE || abs($lnShape) > self::MOST_LN_SHAPE) {
            return Verdict::of('weibull.not_identified', ['misses' => $misses]);
        }

        return new self(
            exp($lnScale),
            exp($lnShape),
            self::cost($goes, $lnScale, $lnShape),
            sqrt($yy / $determinant),
            sqrt($xx / $determinant),
        );
    }

    /**
     * @param list<CountedReps> $goes
     */
    private static function cost(array $goes, float $lnScale, float $lnShape): float
    {
        $shape = exp($lnShape);
        $lnSurvival = static fn (int $reps): float => 0 === $reps ? 0.0 : -exp($shape * (log($reps) - $lnScale));
        $sum = 0.0;
        foreach ($goes as $go) {
            $until = $lnSurvival($go->successes);
            // ln(S(x) − S(x+1)) = ln S(x) + ln(1 − e^(ln S(x+1) − ln S(x)))
            $sum -=
                $until +
                ($go->misses > 0 ? log(max(\PHP_FLOAT_MIN, -expm1($lnSurvival($go->successes + 1) - $until))) : 0.0);
        }

        return $sum;
    }
}
