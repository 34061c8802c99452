<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

/**
 * Where a series went from one level to another: the place that leaves the least squares about a mean before and one after.
 *
 * Least squares with one break (J. Bai, Econometric Theory 10 (1994) 453–472); it is told only where it explains more than a
 * penalty on the two levels and the place, three times the logarithm of the number (our assumption, tried on simulated series).
 */
final readonly class ChangePoint
{
    /** So many on either side. */
    public const LEAST_SIDE = 4;

    private const PENALTY = 3.0;

    private function __construct(
        /** The first after the change, from 0. */
        public int $place,
        public float $before,
        public float $after,
        /** About the two means, and about one. */
        public float $squares,
        public float $squaresOfOne,
        private int $count,
    ) {
    }

    /**
     * @param list<float> $values in order of time
     *
     * @return self|null null: too few to part
     */
    public static function best(array $values): ?self
    {
        $count = \count($values);
        $all = array_sum($values);
        $squares = array_sum(array_map(static fn (float $value): float => $value ** 2, $values));
        $best = null;
        $sum = 0.0;
        foreach ($values as $i => $value) {
            if ($i >= self::LEAST_SIDE && $i <= $count - self::LEAST_SIDE) {
                $left = $squares - $sum ** 2 / $i - ($all - $sum) ** 2 / ($count - $i);
                if (null === $best || $left < $best->squares) {
                    $best = new self(
                        $i,
                        $sum / $i,
                        ($all - $sum) / ($count - $i),
                        max(0.0, $left),
                        max(0.0, $squares - $all ** 2 / $count),
                        $count,
                    );
                }
            }
            $sum += $value;
        }

        return $best;
    }

    /** Whether it is more than chance makes of a level that never changed. */
    public function stands(): bool
    {
        // No more than rounding leaves.
        if ($this->squaresOfOne <= 1e-12 * max(1.0, $this->before ** 2)) {
            return false;
        }

        return $this->squares <= $this->squaresOfOne * exp(-self::PENALTY * log($this->count) / $this->count);
    }
}
