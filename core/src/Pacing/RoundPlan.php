<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Streak\Hazard;

/**
 * One round of a workout's doubles: the best plan, its time and band, what going unbroken costs, and which set sizes
 * are nearly as good.
 *
 * The optimum is flat, so a range is shown, not one number; inside it a friendly plan is chosen (20-15-15).
 */
final readonly class RoundPlan
{
    /** Within so much of the best time a set size is as good as any. */
    private const AS_GOOD = 0.01;

    /** With more reps than this, only some sizes are tried: the curve is flat. */
    private const TRY_ALL_UP_TO = 120;
    private const TRIED_SIZES = 40;

    /**
     * @param array{p10: float, p50: float, p90: float} $quantilesS
     * @param array{from: int, to: int}                 $goodSets
     * @param list<int>                                 $plan
     */
    private function __construct(
        public float $expectedS,
        public int $firstSet,
        public float $unbrokenS,
        public array $quantilesS,
        public array $goodSets,
        public array $plan,
        public LossDistribution $loss,
        public float $workS,
    ) {
    }

    /** @throws TooMuchWork when the effort does not suffice */
    public static function of(
        int $reps,
        float $repsPerS,
        Hazard $hazard,
        float $missCostS,
        float $breakCostS,
        Effort $effort = new Effort(),
    ): self {
        $q = $hazard->first(max(1, $reps));
        $best = SetPlan::best($reps, $q, $missCostS, $breakCostS);
        $work = $reps / $repsPerS;
        $expected = $work + $best->expectedLossS();
        $good = self::goodSets($reps, $q, $missCostS, $breakCostS, $work, $expected);
        $loss = $best->distribution($effort);
        [$p10, $p50, $p90] = array_map(
            static fn (float $lost): float => $work + $lost,
            $loss->quantiles([0.1, 0.5, 0.9]),
        );

        return new self(
            $expected,
            $best->choice[$reps],
            $work + SetPlan::unbroken($reps, $q, $missCostS, $breakCostS)->expectedLossS(),
            ['p10' => $p10, 'p50' => $p50, 'p90' => $p90],
            $good,
            FriendlySets::of($reps, $best->choice[$reps], $good['from'], $good['to']),
            $loss,
            $work,
        );
    }

    /**
     * @param list<float> $q
     *
     * @return array{from: int, to: int} sizes of all sets that stay within 1 % of the best time
     */
    private static function goodSets(
        int $reps,
        array $q,
        float $miss,
        float $break,
        float $work,
        float $expected,
    ): array {
        $step = $reps <= self::TRY_ALL_UP_TO ? 1 : (int) ceil($reps / self::TRIED_SIZES);
        $good = [];
        for ($size = $step; $size < $reps + $step; $size += $step) {
            $tried = min($size, $reps);
            if (
                $work + SetPlan::withSets($tried, $reps, $q, $miss, $break)->expectedLossS() <=
                (1 + self::AS_GOOD) * $expected
            ) {
                $good[] = $tried;
            }
        }

        // No even size is that good when the best plan mixes sizes: then its own first set stands for the range.
        return [] === $good ? ['from' => $step, 'to' => $reps] : ['from' => $good[0], 'to' => $good[\count($good) - 1]];
    }
}
