<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;

/**
 * How to break n reps into sets when misses and breaks cost time.
 *
 * A planned break costs b, a miss m (the failed rep's time inside); a missed rep does not count, and the position
 * starts again at 1. With S_j = Π(1 − q_i):
 *
 *     V(n) = n/c + C(n),   C(0) = 0
 *     C(n) = min over s of { q₁m + Σ_{j=2..s} S_{j−1}q_j(m + C(n−j+1)) + S_s(b·[s<n] + C(n−s)) } / (1 − q₁)
 *
 * Ties go to the longest set. Derivation: docs/models/pacing.md.
 */
final readonly class SetPlan
{
    private const MOST_REPS = 2000;
    private const TIE = 1e-12;

    /**
     * @param list<float>         $cost   C(0) to C(n), seconds
     * @param non-empty-list<int> $choice the set to plan with so many reps left
     * @param list<float>         $hazard q₁ to qₙ
     */
    private function __construct(
        public int $reps,
        public array $cost,
        public array $choice,
        private array $hazard,
        private float $missCostS,
        private float $breakCostS,
    ) {
    }

    /**
     * @param list<float> $hazard q₁ to qₙ, each from 0 to below 1
     *
     * @throws OutOfRange when the reps or a cost make no sense
     */
    public static function best(int $reps, array $hazard, float $missCostS, float $breakCostS): self
    {
        return self::solve($reps, $hazard, $missCostS, $breakCostS, null);
    }

    /**
     * The same with every set planned as long as `size`, or as what is left.
     *
     * @param list<float> $hazard
     */
    public static function withSets(int $size, int $reps, array $hazard, float $missCostS, float $breakCostS): self
    {
        return self::solve($reps, $hazard, $missCostS, $breakCostS, max(1, $size));
    }

    /**
     * @param list<float> $hazard
     */
    public static function unbroken(int $reps, array $hazard, float $missCostS, float $breakCostS): self
    {
        return self::withSets($reps, $reps, $hazard, $missCostS, $breakCostS);
    }

    /**
     * Of sets as they are said, 20-15-15, for as long as nothing is missed; after a miss the rest goes by this plan.
     *
     * @param non-empty-list<int> $sets each 1 or more, of all the reps
     */
    public function lossAlong(array $sets): float
    {
        [$survival, $fails] = self::curve($this->reps, $this->hazard);
        $loss = 0.0;
        $left = 0;
        foreach (array_reverse($sets) as $set) {
            $left += $set;
            $sum = $fails[1] * $this->missCostS + $survival[$set] * ($left > $set ? $this->breakCostS + $loss : 0.0);
            for ($j = 2; $j <= $set; ++$j) {
                $sum += $fails[$j] * ($this->missCostS + $this->cost[$left - $j + 1]);
            }
            $loss = $sum / (1 - $this->hazard[0]);
        }

        return $loss;
    }

    /**
     * The first set forced and the rest planned anew after it.
     *
     * @return array<int, float> expected loss by the size of the first set, from 1
     */
    public function lossByFirstSet(): array
    {
        [$survival, $fails] = self::curve($this->reps, $this->hazard);
        $failed = $fails[1] * $this->missCostS;
        $loss = [];
        for ($set = 1; $set <= $this->reps; ++$set) {
            if ($set > 1) {
                $failed += $fails[$set] * ($this->missCostS + $this->cost[$this->reps - $set + 1]);
            }
            $rest = $set < $this->reps ? $this->breakCostS + $this->cost[$this->reps - $set] : 0.0;
            $loss[$set] = ($failed + $survival[$set] * $rest) / (1 - $this->hazard[0]);
        }

        return $loss;
    }

    /** That all of it is done without a miss or a break. */
    public function chanceUnbroken(): float
    {
        return self::curve($this->reps, $this->hazard)[0][$this->reps];
    }

    /** Lost to misses and breaks, on average. */
    public function expectedLossS(): float
    {
        return $this->cost[$this->reps];
    }

    /** Misses on the way to all reps, on average, by this plan. */
    public function expectedMisses(): float
    {
        return $this->missesByReps()[$this->reps];
    }

    /**
     * @return list<float> the same of 0, 1, 2, … reps
     */
    public function missesByReps(): array
    {
        [$survival, $fails] = self::curve($this->reps, $this->hazard);
        $misses = [0.0];
        for ($left = 1; $left <= $this->reps; ++$left) {
            $set = $this->choice[$left];
            $sum = $fails[1] + $survival[$set] * $misses[$left - $set];
            for ($j = 2; $j <= $set; ++$j) {
                $sum += $fails[$j] * (1 + $misses[$left - $j + 1]);
            }
            $misses[] = $sum / (1 - $this->hazard[0]);
        }

        return $misses;
    }

    /**
     * What misses and breaks may cost, with its chances.
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public function distribution(Effort $effort = new Effort()): LossDistribution
    {
        return $this->distributionUnder($this->hazard, $effort);
    }

    /**
     * The same plan of somebody who misses more often, or less, than it was made for.
     *
     * @param list<float>   $hazard
     * @param LossGrid|null $grid   null: the one that fits both costs
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public function distributionUnder(array $hazard, Effort $effort = new Effort(), ?LossGrid $grid = null): LossDistribution
    {
        $grid ??= LossGrid::of($this->breakCostS, $this->missCostS);
        $even = $this->choice[$this->reps] === $this->reps && self::isEven($hazard);

        return $even
            ? LossDistribution::ofEven($this->reps, $hazard[0], $grid, $effort)
            : LossDistribution::ofPlan($this->choice, $hazard, $grid, $effort);
    }

    /**
     * @param list<float> $hazard
     */
    public static function isEven(array $hazard): bool
    {
        foreach ($hazard as $q) {
            if ($q !== $hazard[0]) {
                return false;
            }
        }

        return true;
    }

    public function missCostS(): float
    {
        return $this->missCostS;
    }

    public function breakCostS(): float
    {
        return $this->breakCostS;
    }

    /**
     * @param list<float> $hazard
     * @param int|null    $size   of every set; null: the best
     */
    private static function solve(int $reps, array $hazard, float $miss, float $break, ?int $size): self
    {
        self::refuse($reps, $hazard, $miss, $break);
        [$survival, $fails] = self::curve($reps, $hazard);
        $again = 1 / (1 - $hazard[0]);
        $cost = [0.0];
        $choice = [0];
        for ($left = 1; $left <= $reps; ++$left) {
            $most = min($size ?? $left, $left);
            $failed = $fails[1] * $miss;
            $best = \INF;
            $set = $left;
            for ($s = 1; $s <= $most; ++$s) {
                if ($s > 1) {
                    $failed += $fails[$s] * ($miss + $cost[$left - $s + 1]);
                }
                if (null !== $size && $s < $most) {
                    continue;
                }
                $value = $again * ($failed + $survival[$s] * ($s < $left ? $break + $cost[$left - $s] : 0.0));
                if ($value <= $best || $value <= $best + self::TIE * (1 + $best)) {
                    $best = $value < $best ? $value : $best;
                    $set = $s;
                }
            }
            $cost[] = $best;
            $choice[] = $set;
        }

        return new self($reps, $cost, $choice, $hazard, $miss, $break);
    }

    /**
     * @param list<float> $hazard
     *
     * @return array{list<float>, list<float>} S_0 to S_n, and the chance that a set fails at exactly its j-th rep (0 at
     *                                         0)
     */
    private static function curve(int $reps, array $hazard): array
    {
        $survival = [1.0];
        $fails = [0.0];
        for ($position = 1; $position <= $reps; ++$position) {
            $fails[] = $survival[$position - 1] * $hazard[$position - 1];
            $survival[] = $survival[$position - 1] - $fails[$position];
        }

        return [$survival, $fails];
    }

    /**
     * @param list<float> $hazard
     */
    private static function refuse(int $reps, array $hazard, float $miss, float $break): void
    {
        if ($reps < 1 || $reps > self::MOST_REPS) {
            throw OutOfRange::of('reps', (string) $reps, 'from 1 to '.self::MOST_REPS);
        }
        if (\count($hazard) < $reps || !($hazard[0] < 1.0)) {
            throw OutOfRange::of('chance of a miss', (string) \count($hazard), 'one below 1 for each position');
        }
        foreach (['miss' => $miss, 'break' => $break] as $name => $cost) {
            if (!($cost >= 0.0) || is_infinite($cost)) {
                throw OutOfRange::of($name.' cost', \sprintf('%.6g s', $cost), '0 s or more');
            }
        }
    }
}
