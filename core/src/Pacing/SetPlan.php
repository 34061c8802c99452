<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Measure\OutOfRange;

/**
 * How to break n reps into sets when misses and breaks cost time.
 *
 * A planned break costs b, a miss m (the failed rep's time inside); a missed rep does not count, and the position starts
 * again at 1. With S_j = Π(1 − q_i):
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
     * @param list<float> $cost   C(0) to C(n), seconds
     * @param list<int>   $choice the set to plan with so many reps left
     * @param list<float> $hazard q₁ to qₙ
     */
    private function __construct(public int $reps, public array $cost, public array $choice, private array $hazard, private float $missCostS, private float $breakCostS)
    {
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

    /** Lost to misses and breaks, on average. */
    public function expectedLossS(): float
    {
        return $this->cost[$this->reps];
    }

    /**
     * How many breaks and misses it takes, exactly: D_n = q₁·miss·D_n + Σ S_{j−1}q_j·miss·D_{n−j+1} + S_s·break·D_{n−s}.
     */
    public function distribution(): LossDistribution
    {
        $done = [LossDistribution::none()];
        for ($left = 1; $left <= $this->reps; ++$left) {
            $set = $this->choice[$left];
            $survived = 1.0;
            $parts = [];
            for ($position = 1; $position <= $set; ++$position) {
                $q = $this->hazard[$position - 1];
                if ($position > 1) {
                    $parts[] = [$survived * $q, 0, 1, $done[$left - $position + 1]];
                }
                $survived *= 1 - $q;
            }
            $parts[] = [$survived, $set < $left ? 1 : 0, 0, $done[$left - $set]];
            $done[] = LossDistribution::mixed($parts, $this->hazard[0]);
        }

        return $done[$this->reps];
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
     */
    private static function solve(int $reps, array $hazard, float $miss, float $break, ?int $size): self
    {
        self::refuse($reps, $hazard, $miss, $break);
        $cost = [0.0];
        $choice = [0];
        for ($left = 1; $left <= $reps; ++$left) {
            $failed = $hazard[0] * $miss;
            $survived = 1 - $hazard[0];
            $best = \INF;
            $set = $left;
            $most = null === $size ? $left : min($size, $left);
            for ($s = 1; $s <= $most; ++$s) {
                if ($s > 1) {
                    $failed += $survived * $hazard[$s - 1] * ($miss + $cost[$left - $s + 1]);
                    $survived *= 1 - $hazard[$s - 1];
                }
                if (null !== $size && $s < $most) {
                    continue;
                }
                $value = ($failed + $survived * (($s < $left ? $break : 0.0) + $cost[$left - $s])) / (1 - $hazard[0]);
                if ($value <= $best + self::TIE * (1 + abs(\INF === $best ? 0.0 : $best))) {
                    [$best, $set] = [min($best, $value), $s];
                }
            }
            $cost[] = $best;
            $choice[] = $set;
        }

        return new self($reps, $cost, $choice, $hazard, $miss, $break);
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
