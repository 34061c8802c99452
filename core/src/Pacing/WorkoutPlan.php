<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Streak\Hazard;

/**
 * The doubles of a whole workout: each round with its own best plan, the time of all of them with its band, and every
 * way to scale them.
 */
final readonly class WorkoutPlan
{
    /** Doubles and singles a second while jumping (our assumption). */
    public const DOUBLES_PER_S = 1.77;
    public const SINGLES_PER_S = 2.2;

    /** Each round raises the chance of a miss by so much (our assumption). */
    public const FATIGUE_PER_ROUND = 0.05;

    /** Both 2 and 3 are common practice. */
    private const SINGLES_PER_DOUBLE = 2.0;

    /** When the number of doubles is cut, or only the first part is done as doubles: to a half (our assumption). */
    private const FEWER = 0.5;

    /**
     * @param non-empty-list<RoundPlan>  $rounds
     * @param non-empty-list<ScaledWork> $ways   for the whole workout
     */
    private function __construct(
        public array $rounds,
        public array $ways,
        public float $expectedS,
        /** One workout in ten is quicker. */
        public float $p10S,
        /** One in ten is slower. */
        public float $p90S,
        public float $unbrokenS,
    ) {
    }

    /**
     * @param int    $reps       doubles a round, 1 or more
     * @param int    $rounds     1 or more
     * @param Hazard $hazard     chance of a miss of a fresh double, by its place in the set
     * @param int    $missCostS  whole seconds
     * @param int    $breakCostS whole seconds
     *
     * @throws TooMuchWork when it would take longer than anybody waits
     */
    public static function of(int $reps, int $rounds, Hazard $hazard, int $missCostS, int $breakCostS): self
    {
        $effort = new Effort();
        $tired = array_map(
            static fn (int $round): Hazard => $hazard->times((1 + self::FATIGUE_PER_ROUND) ** $round),
            range(0, max(1, $rounds) - 1),
        );
        $plans = array_map(
            static fn (Hazard $now): RoundPlan => RoundPlan::of(
                $reps,
                self::DOUBLES_PER_S,
                $now,
                $missCostS,
                $breakCostS,
                $effort,
            ),
            $tired,
        );
        $ways = self::waysOfRounds($reps, $tired, $missCostS, $breakCostS, $effort);
        $loss = array_reduce(
            $plans,
            static fn (LossDistribution $sum, RoundPlan $plan): LossDistribution => $sum->then($plan->loss, $effort),
            LossDistribution::none(LossGrid::of($breakCostS, $missCostS)),
        );
        $sum = static fn (callable $of): float => array_sum(array_map($of, $plans));
        $work = $sum(static fn (RoundPlan $plan): float => $plan->workS);
        [$p10, $p90] = $loss->quantiles([0.1, 0.9]);

        return new self(
            $plans,
            array_reduce(\array_slice($ways, 1), self::added(...), $ways[0]),
            $sum(static fn (RoundPlan $plan): float => $plan->expectedS),
            $work + $p10,
            $work + $p90,
            $sum(static fn (RoundPlan $plan): float => $plan->unbrokenS),
        );
    }

    /**
     * @param non-empty-list<Hazard> $tired of each round
     *
     * @return non-empty-list<non-empty-list<ScaledWork>> singles do not tire, so all rounds share them
     */
    private static function waysOfRounds(int $reps, array $tired, int $missCostS, int $breakCostS, Effort $effort): array
    {
        $singles = new RepTiming(self::SINGLES_PER_S, Hazard::usualSingles(), $missCostS, $breakCostS, $effort);

        return array_map(
            static fn (Hazard $now): array => self::ways(
                $reps,
                new RepTiming(self::DOUBLES_PER_S, $now, $missCostS, $breakCostS, $effort),
                $singles,
            ),
            $tired,
        );
    }

    /**
     * One round, scaled in each way.
     *
     * @return non-empty-list<ScaledWork>
     */
    private static function ways(int $reps, RepTiming $doubles, RepTiming $singles): array
    {
        return ScaledWork::all(
            $reps,
            (int) ceil($reps * self::FEWER),
            self::SINGLES_PER_DOUBLE,
            self::FEWER,
            $doubles,
            $singles,
        );
    }

    /**
     * @param non-empty-list<ScaledWork> $some
     * @param non-empty-list<ScaledWork> $more in the same order
     *
     * @return non-empty-list<ScaledWork>
     */
    private static function added(array $some, array $more): array
    {
        return array_map(static fn (ScaledWork $one, ScaledWork $other): ScaledWork => $one->plus($other), $some, $more);
    }
}
