<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

/**
 * How likely so many planned breaks and misses are, together. What is less likely than one in 10¹⁰ is left out.
 */
final readonly class LossDistribution
{
    private const LEAST = 1e-10;

    /** So many self-repeats of a miss at the very first rep, at most. */
    private const MOST_REPEATS = 400;

    /**
     * @param array<int, array<int, float>> $mass by breaks, then by misses
     */
    private function __construct(private array $mass)
    {
    }

    /** No break, no miss. */
    public static function none(): self
    {
        return new self([0 => [0 => 1.0]]);
    }

    /**
     * @param list<array{float, int, int, self}> $parts  weight, breaks and misses on top, and what follows
     * @param float                              $repeat chance of a miss at the first rep, after which all is as before
     */
    public static function mixed(array $parts, float $repeat): self
    {
        $mass = [];
        foreach ($parts as [$weight, $breaks, $misses, $after]) {
            if ($weight < self::LEAST) {
                continue;
            }
            foreach ($after->mass as $i => $row) {
                foreach ($row as $j => $share) {
                    $mass[$i + $breaks][$j + $misses] = ($mass[$i + $breaks][$j + $misses] ?? 0.0) + $weight * $share;
                }
            }
        }

        return new self(array_map(static fn (array $row): array => $repeat > 0.0 ? self::repeated($row, $repeat) : self::likely($row), $mass));
    }

    /** One after the other: two rounds of a workout. */
    public function then(self $next): self
    {
        $mass = [];
        foreach ($this->mass as $i => $row) {
            foreach ($row as $j => $share) {
                foreach ($next->mass as $k => $others) {
                    foreach ($others as $l => $other) {
                        if ($share * $other >= self::LEAST) {
                            $mass[$i + $k][$j + $l] = ($mass[$i + $k][$j + $l] ?? 0.0) + $share * $other;
                        }
                    }
                }
            }
        }

        return new self(array_map(self::likely(...), $mass));
    }

    /**
     * The smallest loss of time that is not exceeded with the given chance.
     *
     * @param list<float> $chances ascending
     *
     * @return list<float> seconds
     */
    public function quantiles(array $chances, float $breakCostS, float $missCostS): array
    {
        $losses = [];
        foreach ($this->mass as $breaks => $row) {
            foreach ($row as $misses => $share) {
                $losses[] = [$breaks * $breakCostS + $misses * $missCostS, $share];
            }
        }
        sort($losses);
        $found = [];
        $sum = 0.0;
        foreach ($losses as [$loss, $share]) {
            $sum += $share;
            while (\count($found) < \count($chances) && $sum >= $chances[\count($found)] - self::LEAST) {
                $found[] = $loss;
            }
        }

        return array_pad($found, \count($chances), [] === $losses ? 0.0 : $losses[\count($losses) - 1][0]);
    }

    /** The mean of the loss, to compare with the recursion's own. */
    public function mean(float $breakCostS, float $missCostS): float
    {
        $mean = 0.0;
        foreach ($this->mass as $breaks => $row) {
            foreach ($row as $misses => $share) {
                $mean += $share * ($breaks * $breakCostS + $misses * $missCostS);
            }
        }

        return $mean;
    }

    /**
     * @param array<int, float> $row
     *
     * @return array<int, float>
     */
    private static function likely(array $row): array
    {
        return array_filter($row, static fn (float $share): bool => $share >= self::LEAST);
    }

    /**
     * The row with 0, 1, 2, … misses at the first rep before it.
     *
     * @param array<int, float> $row
     *
     * @return array<int, float>
     */
    private static function repeated(array $row, float $q): array
    {
        ksort($row);
        $out = [];
        $carried = 0.0;
        $last = (int) array_key_last($row);
        for ($misses = 0; $misses <= $last || ($carried >= self::LEAST && $misses <= $last + self::MOST_REPEATS); ++$misses) {
            // x_j = row_j + q·x_{j−1}: a geometric number of repeats
            $carried = ($row[$misses] ?? 0.0) + $q * $carried;
            if ($carried >= self::LEAST) {
                $out[$misses] = $carried;
            }
        }

        return $out;
    }
}
