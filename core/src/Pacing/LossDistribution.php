<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\NormalDistribution;
use Zumbo\Core\Numeric\TooMuchWork;

/**
 * How likely it is that planned breaks and misses together cost so many seconds, in even steps from 0. A tail less
 * likely than one in 10⁸ is left out.
 */
final readonly class LossDistribution
{
    private const LEAST = 1e-8;

    /** Some 50 MB. */
    private const MOST_KEPT = 3_000_000;

    /**
     * @param non-empty-list<float> $mass chance of each number of steps
     */
    private function __construct(private array $mass, private float $stepS)
    {
    }

    /** Nothing is lost. */
    public static function none(LossGrid $grid): self
    {
        return new self([1.0], $grid->stepS);
    }

    /**
     * The loss of a plan, exactly: D_n = q₁·(miss, D_n) + Σ S_{j−1}q_j·(miss, D_{n−j+1}) + S_s·(break, D_{n−s}).
     *
     * @param non-empty-list<int> $choice the set to plan with so many reps left
     * @param list<float>         $hazard q₁ to qₙ
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public static function ofPlan(array $choice, array $hazard, LossGrid $grid, Effort $effort = new Effort()): self
    {
        $longestSet = max($choice);
        $kept = 0;
        $last = [1.0];
        $left = [$last];
        for ($n = 1; $n < \count($choice); ++$n) {
            $last = self::withLeft($n, $choice[$n], $hazard, $left, $grid, $effort);
            $left[$n] = $last;
            $kept += \count($last) - \count($left[$n - $longestSet] ?? []);
            // No set reaches further back.
            unset($left[$n - $longestSet]);
            if ($kept > self::MOST_KEPT) {
                throw TooMuchWork::over(self::MOST_KEPT, 'numbers');
            }
        }

        return new self($last, $grid->stepS);
    }

    /**
     * Of an even chance and no planned break: the misses before the n-th success, which are distributed as
     * C(n + k − 1, k)·(1 − q)ⁿ·qᵏ (negative binomial distribution).
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public static function ofEven(int $reps, float $q, LossGrid $grid, Effort $effort = new Effort()): self
    {
        if (0 === $grid->missSteps || $q <= 0.0) {
            return new self([1.0], $grid->stepS);
        }
        // By logarithms: (1 − q)ⁿ alone may be too small to be a number.
        $mean = ($reps * $q) / (1 - $q);
        $log = $reps * log1p(-$q);
        $mass = [];
        for ($k = 0; $k <= $mean || exp($log) >= self::LEAST; ++$k) {
            for ($step = 1; $k > 0 && $step < $grid->missSteps; ++$step) {
                $mass[] = 0.0;
            }
            $mass[] = exp($log);
            $effort->spend($grid->missSteps);
            $log += log($q) + log(($reps + $k) / ($k + 1));
        }

        return new self([] === $mass ? [1.0] : $mass, $grid->stepS);
    }

    /**
     * Several that may be, all as likely: what is not known for sure of somebody.
     *
     * @param non-empty-list<self> $some counted in the same steps
     */
    public static function mixed(array $some): self
    {
        $sum = [0.0];
        foreach ($some as $one) {
            $sum += array_fill(0, \count($one->mass), 0.0);
            foreach ($one->mass as $steps => $share) {
                $sum[$steps] += $share / \count($some);
            }
        }

        return new self(array_values($sum), $some[0]->stepS);
    }

    /** That it costs no more than this. */
    public function chanceWithin(float $seconds): float
    {
        return $seconds < 0.0 ? 0.0 : min(1.0, array_sum(\array_slice($this->mass, 0, 1 + (int) floor($seconds / $this->stepS + 1e-9))));
    }

    /**
     * One after the other: two rounds of a workout, counted in the same steps.
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public function then(self $next, Effort $effort = new Effort()): self
    {
        $sum = array_fill(0, \count($this->mass) + \count($next->mass) - 1, 0.0);
        $others = self::withoutHead($next->mass);
        $own = self::withoutHead($this->mass);
        $effort->spend(\count($own) * \count($others));
        foreach ($own as $i => $share) {
            foreach ($others as $j => $other) {
                $sum[$i + $j] += $share * $other;
            }
        }

        return new self(self::withoutTail($sum), $this->stepS);
    }

    /**
     * Small losses that hardly ever happen add nothing to a sum, but take most of its time.
     *
     * @param non-empty-list<float> $mass
     *
     * @return array<int, float> by its number of steps
     */
    private static function withoutHead(array $mass): array
    {
        $from = 0;
        while ($from < \count($mass) - 1 && $mass[$from] < self::LEAST / 100) {
            ++$from;
        }

        return \array_slice($mass, $from, null, true);
    }

    /**
     * The smallest loss of time that is not exceeded with the given chance.
     *
     * @param list<float> $chances ascending
     *
     * @return list<float> seconds
     */
    public function quantiles(array $chances): array
    {
        $found = [];
        $sum = 0.0;
        foreach ($this->mass as $steps => $share) {
            $sum += $share;
            while (\count($found) < \count($chances) && $sum >= $chances[\count($found)] - self::LEAST) {
                $found[] = $steps * $this->stepS;
            }
        }

        return array_pad($found, \count($chances), (\count($this->mass) - 1) * $this->stepS);
    }

    /**
     * The same of somebody whose reps, misses and breaks do not always take the same: normally distributed about each loss.
     *
     * @param float $ownS  spread of what they jump without a miss, seconds (standard deviation)
     * @param float $costS variance of a lost second, as the cost of one miss times the square of its relative spread
     *
     * @return float seconds; less than nothing when the jumping goes quicker than usual
     */
    public function spreadQuantile(float $chance, float $ownS, float $costS): float
    {
        $low = -6 * $ownS;
        $high = (\count($this->mass) - 1) * $this->stepS + 6 * sqrt($ownS ** 2 + $costS * \count($this->mass) * $this->stepS);
        while ($high - $low > 1e-3) {
            $middle = ($low + $high) / 2;
            $sum = 0.0;
            foreach ($this->mass as $steps => $share) {
                if ($share > self::LEAST) {
                    $loss = $steps * $this->stepS;
                    $sum += $share * NormalDistribution::cumulative(($middle - $loss) / sqrt($ownS ** 2 + $costS * $loss));
                }
            }
            [$low, $high] = $sum < $chance ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }

    /** The mean of the loss in seconds, to compare with the recursion's own. */
    public function mean(): float
    {
        $mean = 0.0;
        foreach ($this->mass as $steps => $share) {
            $mean += $share * $steps * $this->stepS;
        }

        return $mean;
    }

    /**
     * @param list<float>                       $hazard
     * @param array<int, non-empty-list<float>> $fewer  the loss with so many reps left
     *
     * @return non-empty-list<float>
     */
    private static function withLeft(
        int $n,
        int $set,
        array $hazard,
        array $fewer,
        LossGrid $grid,
        Effort $effort,
    ): array {
        $longest = 1;
        $steps = 0;
        for ($j = 1; $j <= $set; ++$j) {
            $steps += \count($fewer[$n - $j]);
            $longest = max($longest, \count($fewer[$n - $j]));
        }
        $effort->spend($steps);
        $missed = array_fill(0, $longest, 0.0);
        $survived = 1 - $hazard[0];
        for ($j = 2; $j <= $set; ++$j) {
            $weight = $survived * $hazard[$j - 1];
            foreach ($fewer[$n - $j + 1] as $i => $share) {
                $missed[$i] += $weight * $share;
            }
            $survived *= 1 - $hazard[$j - 1];
        }
        $mass = [...array_fill(0, $grid->missSteps, 0.0), ...$missed, ...array_fill(0, $grid->breakSteps, 0.0)];
        $break = $set < $n ? $grid->breakSteps : 0;
        foreach ($fewer[$n - $set] as $i => $share) {
            $mass[$i + $break] += $survived * $share;
        }

        return self::withoutTail(self::repeated($mass, $hazard[0], $grid->missSteps));
    }

    /**
     * A miss at the very first rep, after which all is as before: x_i = row_i + q·x_{i−miss}.
     *
     * @param array<int, float> $row without gaps
     *
     * @return array<int, float>
     */
    private static function repeated(array $row, float $q, int $missSteps): array
    {
        if (0 === $missSteps) {
            return array_map(static fn (float $share): float => $share / (1 - $q), $row);
        }
        $repeats = $q > 0.0 ? (int) ceil(log(self::LEAST) / log($q)) : 0;
        $row = [...$row, ...array_fill(0, $repeats * $missSteps, 0.0)];
        $end = \count($row);
        for ($i = $missSteps; $i < $end; ++$i) {
            $row[$i] += $q * $row[$i - $missSteps];
        }

        return $row;
    }

    /**
     * @param array<int, float> $mass without gaps
     *
     * @return non-empty-list<float>
     */
    private static function withoutTail(array $mass): array
    {
        $end = \count($mass);
        while ($end > 1 && $mass[$end - 1] < self::LEAST) {
            --$end;
        }
        $kept = \array_slice($mass, 0, $end);

        return [] === $kept ? [0.0] : $kept;
    }
}
