<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

/**
 * The steps in which lost seconds are counted: the largest step that fits both costs, so that equal sums meet in one
 * place. Costs without a common step above 1/400 of the larger one are rounded to that: an error of at most 1/800 of
 * the cost for each miss or break.
 */
final readonly class LossGrid
{
    private const MOST_STEPS = 400;
    private const MILLIS = 1000;

    private function __construct(public float $stepS, public int $breakSteps, public int $missSteps)
    {
    }

    public static function of(float $breakCostS, float $missCostS): self
    {
        $most = max($breakCostS, $missCostS);
        if ($most <= 0.0) {
            return new self(1.0, 0, 0);
        }
        $step =
            self::common((int) round($breakCostS * self::MILLIS), (int) round($missCostS * self::MILLIS)) /
            self::MILLIS;
        if ($most / max($step, 1e-9) > self::MOST_STEPS) {
            $step = $most / self::MOST_STEPS;
        }

        return new self($step, (int) round($breakCostS / $step), (int) round($missCostS / $step));
    }

    private static function common(int $a, int $b): int
    {
        while (0 !== $b) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
