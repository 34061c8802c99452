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
        $good = FriendlySets::firstSets($best, $work);
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
            FriendlySets::of($best, $work),
            $loss,
            $work,
        );
    }
}
