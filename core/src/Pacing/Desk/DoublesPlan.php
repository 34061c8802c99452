<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Pacing\Bends;
use Zumbo\Core\Pacing\FriendlySets;
use Zumbo\Core\Pacing\SetPlan;

/**
 * The doubles of one station of a workout, as they are said to an athlete.
 */
final readonly class DoublesPlan
{
    /**
     * @param list<float>               $hazard   chance of a miss at each rep of a set
     * @param non-empty-list<int>       $plan     one can remember
     * @param array{from: int, to: int} $goodSets first sets within 1 % of the best
     */
    private function __construct(
        public int $round,
        private SetPlan $best,
        private float $workS,
        public array $hazard,
        public array $plan,
        public array $goodSets,
        public float $expectedS,
        public float $unbrokenS,
        public float $chanceUnbroken,
    ) {
    }

    /**
     * @return list<self> of each station of doubles, in order
     */
    public static function all(TimedWorkout $timed, Jumper $jumper): array
    {
        $plans = [];
        foreach ($timed->stations as $one) {
            if (null !== $one->plan && $one->station->isDoubles()) {
                $hazard = $jumper->hazard->times($one->tiredness)->first($one->station->reps);
                $plans[] = self::of($one->round, $one->plan, $hazard, $one->workS);
            }
        }

        return $plans;
    }

    /**
     * @param list<float> $hazard
     */
    private static function of(int $round, SetPlan $best, array $hazard, float $workS): self
    {
        $unbroken = SetPlan::unbroken($best->reps, $hazard, $best->missCostS(), $best->breakCostS());

        return new self(
            $round,
            $best,
            $workS,
            $hazard,
            FriendlySets::of($best, $workS),
            FriendlySets::firstSets($best, $workS),
            $workS + $best->expectedLossS(),
            $workS + $unbroken->expectedLossS(),
            $best->chanceUnbroken(),
        );
    }

    /** Expected time with so many sets more or fewer than the plan has; null: there can't be so many. */
    public function withSets(int $more): ?float
    {
        $sets = \count($this->plan) + $more;

        return $sets < 1 || $sets > $this->best->reps ? null : $this->workS + $this->best->lossAlong(
            FriendlySets::split($this->best->reps, $sets, 1),
        );
    }

    /**
     * @param non-empty-list<int> $sets
     *
     * @throws OutOfRange when they do not add up to the doubles
     */
    public function bent(array $sets): Bends
    {
        return Bends::of($sets, $this->best, $this->workS);
    }
}
