<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Measure\OutOfRange;

/**
 * A smooth line through scattered points: at each a straight line through its neighbours, the near ones weighing most, the odd
 * ones least.
 *
 * Locally weighted regression (W. S. Cleveland, J. Am. Stat. Assoc. 74 (1979) 829–836) with tricube weights by distance and
 * bisquare weights by residual, three times over.
 */
final readonly class Smoothed
{
    /** The share of the points that is the neighbourhood of each. */
    private const NEIGHBOURS = 2 / 3;

    private const TIMES = 3;

    /** Nearer to the rim than this share of a width counts as on it, nearer to the middle as there. */
    private const RIM = 0.999;
    private const MIDDLE = 0.001;

    /** Six median deviations off and more weigh nothing. */
    private const DEVIATIONS = 6.0;

    /**
     * @param list<float> $at     never falling
     * @param list<float> $values
     * @param list<float> $trust  how much each weighs, from 0 to 1
     */
    private function __construct(private array $at, private array $values, private array $trust)
    {
    }

    /**
     * @param list<float> $at     where the points lie, never falling
     * @param list<float> $values as many
     *
     * @return list<float> the line at each point
     *
     * @throws OutOfRange when there are not as many places as values, or a place lies before the last
     */
    public static function line(array $at, array $values): array
    {
        if (\count($at) !== \count($values)) {
            throw OutOfRange::of('places', (string) \count($at), \sprintf('%d, one for each value', \count($values)));
        }
        foreach ($at as $i => $place) {
            if ($i > 0 && $place < $at[$i - 1]) {
                throw OutOfRange::of('places', (string) $place, 'never before the last');
            }
        }
        if (\count($at) < 2) {
            return $values;
        }
        $line = (new self($at, $values, array_fill(0, \count($at), 1.0)))->once();
        for ($time = 0; $time < self::TIMES; ++$time) {
            $trust = self::trust($values, $line);
            if (null === $trust) {
                break;
            }
            $line = (new self($at, $values, $trust))->once();
        }

        return $line;
    }

    /**
     * @return list<float>
     */
    private function once(): array
    {
        $count = \count($this->at);
        $near = max(2, min($count, (int) (self::NEIGHBOURS * $count + 1e-7)));
        $line = [];
        $left = 0;
        foreach ($this->at as $place) {
            while ($left + $near < $count && $place - $this->at[$left] > $this->at[$left + $near] - $place) {
                ++$left;
            }
            $line[] = $this->fit($place, $left, $left + $near - 1) ?? $this->values[\count($line)];
        }

        return $line;
    }

    /** Null: no neighbour weighs anything. */
    private function fit(float $place, int $left, int $right): ?float
    {
        $width = max($place - $this->at[$left], $this->at[$right] - $place);
        $weights = [];
        for ($i = $left; $i < \count($this->at); ++$i) {
            $off = abs($this->at[$i] - $place);
            if ($off <= self::RIM * $width) {
                $weights[$i] = $this->trust[$i] * ($off <= self::MIDDLE * $width ? 1.0 : (1 - ($off / $width) ** 3) ** 3);
            } elseif ($this->at[$i] > $place) {
                break;
            }
        }
        $sum = array_sum($weights);
        if ($sum <= 0) {
            return null;
        }

        return $this->straight($place, array_map(static fn (float $weight): float => $weight / $sum, $weights), $width);
    }

    /**
     * @param array<int, float> $weights by place, one in sum
     */
    private function straight(float $place, array $weights, float $width): float
    {
        $mean = $height = $spread = 0.0;
        foreach ($weights as $i => $weight) {
            $mean += $weight * $this->at[$i];
            $height += $weight * $this->values[$i];
        }
        foreach ($weights as $i => $weight) {
            $spread += $weight * ($this->at[$i] - $mean) ** 2;
        }
        // All neighbours at one place have no slope.
        if ($width <= 0 || sqrt($spread) <= self::MIDDLE * ($this->at[\count($this->at) - 1] - $this->at[0])) {
            return $height;
        }
        $slope = 0.0;
        foreach ($weights as $i => $weight) {
            $slope += $weight * ($this->at[$i] - $mean) * $this->values[$i] / $spread;
        }

        return $height + $slope * ($place - $mean);
    }

    /**
     * @param list<float> $values
     * @param list<float> $line
     *
     * @return list<float>|null null: the line goes through nearly all of them
     */
    private static function trust(array $values, array $line): ?array
    {
        $off = array_map(static fn (float $value, float $on): float => abs($value - $on), $values, $line);
        $sorted = $off;
        sort($sorted);
        $count = \count($sorted);
        $far = self::DEVIATIONS * ($sorted[intdiv($count, 2)] + $sorted[$count - 1 - intdiv($count, 2)]) / 2;
        if ($far < 1e-7 * array_sum($off) / max(1, $count)) {
            return null;
        }

        return array_map(static fn (float $one): float => match (true) {
            $one <= self::MIDDLE * $far => 1.0,
            $one <= self::RIM * $far => (1 - ($one / $far) ** 2) ** 2,
            default => 0.0,
        }, $off);
    }
}
