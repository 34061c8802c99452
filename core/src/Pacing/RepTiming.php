<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Streak\Hazard;

/**
 * How one kind of rep goes for an athlete: rate, chance of a miss, and what misses and breaks cost.
 */
final class RepTiming
{
    /** @var array<int, SetPlan> what was solved already, by reps: rounds and ways ask for the same again */
    private array $plans = [];

    /** @var array<int, LossDistribution> */
    private array $losses = [];

    public function __construct(
        public readonly float $repsPerS,
        public readonly Hazard $hazard,
        public readonly float $missCostS,
        public readonly float $breakCostS,
        private readonly Effort $effort = new Effort(),
    ) {
    }

    /** So many reps with the best plan of sets; null: none. */
    public function plan(int $reps): ?SetPlan
    {
        return 0 === $reps
            ? null
            : ($this->plans[$reps] ??= SetPlan::best(
                $reps,
                $this->hazard->first($reps),
                $this->missCostS,
                $this->breakCostS,
            ));
    }

    /** What misses and breaks of that plan may cost; null: no reps. */
    public function loss(int $reps): ?LossDistribution
    {
        $plan = $this->plan($reps);

        return null === $plan ? null : ($this->losses[$reps] ??= $plan->distribution($this->effort));
    }

    /** Expected time of so many reps with the best plan of sets. */
    public function secondsFor(int $reps): float
    {
        return $reps / $this->repsPerS + ($this->plan($reps)?->expectedLossS() ?? 0.0);
    }

    /** Of so many reps in one go without a miss. */
    public function chanceUnbroken(int $reps): float
    {
        return array_product(array_map(
            static fn (float $q): float => 1 - $q,
            0 === $reps ? [] : $this->hazard->first($reps),
        ));
    }

    /** One rep at a time, each miss and its cost with it: as in tries for a time. */
    public function secondsPerTry(): float
    {
        [$q] = $this->hazard->first(1);

        return 1 / $this->repsPerS + ($q / (1 - $q)) * $this->missCostS;
    }
}
