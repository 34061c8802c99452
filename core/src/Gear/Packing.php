<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

/**
 * Packs sizes into as few bins as possible, all in whole steps. Exact for what a class needs; beyond the limit of the
 * search the best that was found, with its bound.
 */
final class Packing
{
    /** Steps of the search before it gives up: under a second. */
    private const MOST_STEPS = 1_500_000;

    /** Of the ways to fill one bin, so many are tried. */
    private const MOST_FILLINGS = 400;

    private int $steps = 0;

    /** Something was left out, so that finding nothing proves nothing. */
    private bool $cutShort = false;

    /** @var array<string, true> what is left over that could not be packed into so many bins */
    private array $failed = [];

    /**
     * @param list<list<int>> $bins counts of each size, by bin
     */
    private function __construct(
        public readonly array $bins,
        public readonly int $lowerBound,
        public readonly bool $proven,
    ) {
    }

    /**
     * @param list<int> $sizes    descending, each at most the capacity
     * @param list<int> $counts   of each size
     * @param int       $capacity of a bin
     */
    public static function of(array $sizes, array $counts, int $capacity): self
    {
        $bound = self::bound($sizes, $counts, $capacity);
        $best = self::bestFit($sizes, $counts, $capacity);
        $search = new self([], $bound, false);
        for ($bins = $bound; $bins < \count($best); ++$bins) {
            $search->failed = [];
            $search->steps = 0;
            $found = $search->pack($sizes, $counts, $capacity, $bins);
            if (null !== $found) {
                return new self($found, $bound, $bins === $bound || !$search->cutShort);
            }
        }

        return new self($best, $bound, !$search->cutShort);
    }

    /**
     * The larger of: all sizes by the capacity; and Martello and Toth's L2, for pieces that can't lie together.
     *
     * @param list<int> $sizes
     * @param list<int> $counts
     */
    private static function bound(array $sizes, array $counts, int $capacity): int
    {
        $sum = 0;
        foreach ($sizes as $i => $size) {
            $sum += $size * $counts[$i];
        }
        $bound = intdiv($sum + $capacity - 1, $capacity);
        foreach ([0, ...$sizes] as $small) {
            if (2 * $small > $capacity) {
                continue;
            }
            $large = $middle = $room = $rest = 0;
            foreach ($sizes as $i => $size) {
                if ($size > $capacity - $small) {
                    $large += $counts[$i];
                } elseif (2 * $size > $capacity) {
                    $middle += $counts[$i];
                    $room += $counts[$i] * ($capacity - $size);
                } elseif ($size >= $small) {
                    $rest += $counts[$i] * $size;
                }
            }
            $bound = max($bound, $large + $middle + max(0, intdiv(max(0, $rest - $room) + $capacity - 1, $capacity)));
        }

        return $bound;
    }

    /**
     * Each size, the longest first, into the fullest bin that still takes it.
     *
     * @param list<int> $sizes
     * @param list<int> $counts
     *
     * @return list<list<int>>
     */
    private static function bestFit(array $sizes, array $counts, int $capacity): array
    {
        $bins = $room = [];
        foreach ($sizes as $i => $size) {
            for ($n = 0; $n < $counts[$i]; ++$n) {
                $into = null;
                foreach ($room as $bin => $left) {
                    if ($left >= $size && (null === $into || $left < $room[$into])) {
                        $into = $bin;
                    }
                }
                if (null === $into) {
                    $into = \count($bins);
                    $bins[] = array_fill(0, \count($sizes), 0);
                    $room[] = $capacity;
                }
                ++$bins[$into][$i];
                $room[$into] -= $size;
            }
        }

        return array_values(array_map(array_values(...), $bins));
    }

    /**
     * @param list<int> $sizes
     * @param list<int> $left  of each size
     *
     * @return list<list<int>>|null null: not into so many bins, or the search gave up
     */
    private function pack(array $sizes, array $left, int $capacity, int $bins): ?array
    {
        $sum = 0;
        foreach ($sizes as $i => $size) {
            $sum += $size * $left[$i];
        }
        if (0 === $sum) {
            return [];
        }
        $key = $bins.':'.implode(' ', $left);
        $waste = $bins * $capacity - $sum;
        if ($waste < 0 || isset($this->failed[$key])) {
            return null;
        }
        foreach ($this->fillings($sizes, $left, $capacity, $waste) as $filling) {
            $after = $left;
            foreach ($filling as $i => $count) {
                $after[$i] -= $count;
            }
            $rest = $this->pack($sizes, array_values($after), $capacity, $bins - 1);
            if (null !== $rest) {
                return [$filling, ...$rest];
            }
        }
        $this->failed[$key] = true;

        return null;
    }

    /**
     * Every way to fill a bin that holds the longest size left, takes all that still fits, and wastes no more than
     * allowed; the fullest first.
     *
     * @param list<int> $sizes
     * @param list<int> $left
     *
     * @return list<list<int>>
     */
    private function fillings(array $sizes, array $left, int $capacity, int $waste): array
    {
        $first = 0;
        while (0 === $left[$first]) {
            ++$first;
        }
        $found = [];
        $available = 0;
        $suffix = [];
        for ($i = \count($sizes) - 1; $i >= 0; --$i) {
            $suffix[$i] = $available += $sizes[$i] * $left[$i];
        }
        $this->fill($sizes, $left, $suffix, $first, true, $capacity, $waste, array_fill(0, \count($sizes), 0), $found);
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $filling): array => $filling[1], $found);
    }

    /**
     * @param list<int>                   $sizes
     * @param list<int>                   $left
     * @param array<int, int>             $suffix what is left of a size and all shorter ones, together
     * @param array<int, int>             $counts
     * @param list<array{int, list<int>}> $found  room that is left, counts
     */
    private function fill(
        array $sizes,
        array $left,
        array $suffix,
        int $at,
        bool $mustTake,
        int $room,
        int $waste,
        array $counts,
        array &$found,
    ): void {
        if (++$this->steps > self::MOST_STEPS || \count($found) >= self::MOST_FILLINGS) {
            $this->cutShort = true;

            return;
        }
        if ($at === \count($sizes)) {
            if ($room <= $waste && self::nothingFits($sizes, $left, $counts, $room)) {
                $found[] = [$room, array_values($counts)];
            }

            return;
        }
        // Even with all that is left the bin would stay too empty.
        if ($room - $suffix[$at] > $waste) {
            return;
        }
        $most = min($left[$at], intdiv($room, $sizes[$at]));
        for ($n = $most; $n >= ($mustTake ? 1 : 0); --$n) {
            $counts[$at] = $n;
            $this->fill($sizes, $left, $suffix, $at + 1, false, $room - $n * $sizes[$at], $waste, $counts, $found);
        }
    }

    /**
     * @param list<int>       $sizes
     * @param list<int>       $left
     * @param array<int, int> $counts
     */
    private static function nothingFits(array $sizes, array $left, array $counts, int $room): bool
    {
        foreach ($sizes as $i => $size) {
            if ($size <= $room && $counts[$i] < $left[$i]) {
                return false;
            }
        }

        return true;
    }
}
