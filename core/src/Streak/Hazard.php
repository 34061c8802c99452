<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

use Zumbo\Core\Measure\OutOfRange;

/**
 * The chance q that a rep fails, by its position in a set: constant, rising or falling with tiredness.
 *
 * Discrete Weibull S(n) = exp(−(n/λ)^β), so q_j = 1 − exp((( j−1)/λ)^β − (j/λ)^β) (T. Nakagawa & S. Osaki, IEEE Trans.
 * Reliab. 24 (1975) 300–301; same curve, other letters).
 */
final readonly class Hazard
{
    public const USUAL_SINGLES_MISS = 0.004;

    /**
     * @param \Closure(int<1, max>): float $at
     */
    private function __construct(private \Closure $at)
    {
    }

    /** @throws OutOfRange when q is not from 0 to below 1 */
    public static function constant(float $q): self
    {
        self::refuse($q);

        return new self(static fn (int $position): float => $q);
    }

    /** Of somebody who has not been taught the double yet, half the tries fail (our assumption). */
    public static function untaughtDoubles(): self
    {
        return self::constant(0.5);
    }

    /** A missed single of somebody who jumps doubles (our assumption). */
    public static function usualSingles(): self
    {
        return self::constant(self::USUAL_SINGLES_MISS);
    }

    /**
     * @param float $scale reps after which 63 % of the sets have ended
     * @param float $shape above 1: misses come with tiredness; below 1: the start is the problem
     *
     * @throws OutOfRange when one is not above 0
     */
    public static function weibull(float $scale, float $shape): self
    {
        if (!($scale > 0) || !($shape > 0) || is_infinite($scale) || is_infinite($shape)) {
            throw OutOfRange::of('hazard', \sprintf('scale %.6g, shape %.6g', $scale, $shape), 'two numbers above 0');
        }

        return new self(
            static fn (int $position): float => -expm1(
                (($position - 1) / $scale) ** $shape - ($position / $scale) ** $shape,
            ),
        );
    }

    /**
     * @param non-empty-list<float> $list q₁, q₂, …; the last one holds for all later positions
     *
     * @throws OutOfRange when one is not from 0 to below 1
     */
    public static function listed(array $list): self
    {
        array_map(self::refuse(...), $list);
        $last = \count($list) - 1;

        return new self(static fn (int $position): float => $list[min($position - 1, $last)]);
    }

    /** Tired by a share: every q grows so much, up to just below 1. */
    public function times(float $factor): self
    {
        $at = $this->at;

        return new self(static fn (int $position): float => min(0.999, $at($position) * $factor));
    }

    /**
     * @return list<float> q₁ to qₙ
     */
    public function first(int $positions): array
    {
        $q = [];
        for ($position = 1; $position <= $positions; ++$position) {
            $q[] = ($this->at)($position);
        }

        return $q;
    }

    private static function refuse(float $q): void
    {
        if (!($q >= 0.0 && $q < 1.0)) {
            throw OutOfRange::of('chance of a miss', \sprintf('%.6g', $q), 'from 0 to below 1');
        }
    }
}
