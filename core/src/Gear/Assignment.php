<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Gives each of many at most one of many things: as many as possible are served, and among those ways one of the least
 * cost.
 *
 * Shortest augmenting paths with potentials (H. W. Kuhn, Naval Res. Logist. Q. 2 (1955) 83–97; R. Jonker & A.
 * Volgenant, Computing 38 (1987) 325–340), O(rows² · columns). Each row has one column of its own at a price that no
 * other saving can outweigh: to be left out.
 */
final readonly class Assignment
{
    private const MOST = 2000;

    /**
     * @param list<int|null> $columnOf the column of each row; null: left out
     */
    private function __construct(public array $columnOf, public float $cost, public int $served)
    {
    }

    /**
     * @param list<list<float|null>> $cost by row and column; null: not allowed; finite
     *
     * @throws OutOfRange when rows differ in length, a cost is not finite, or there are more than 2000 rows or columns
     */
    public static function of(array $cost): self
    {
        $columns = self::columns($cost);
        $rows = \count($cost);
        $left = self::leftOut($cost);
        // u, v: potentials; match[j]: the row that holds column j; columns from $columns on mean "left out"
        $u = array_fill(0, $rows, 0.0);
        $v = array_fill(0, $columns + $rows + 1, 0.0);
        $match = array_fill(0, $columns + $rows + 1, -1);
        $root = $columns + $rows;
        for ($row = 0; $row < $rows; ++$row) {
            self::augment($cost, $row, $columns, $root, $left, $u, $v, $match);
        }
        $columnOf = array_fill(0, $rows, null);
        for ($j = 0; $j < $columns; ++$j) {
            if ($match[$j] >= 0) {
                $columnOf[$match[$j]] = $j;
            }
        }

        return self::summed(array_values($columnOf), $cost);
    }

    /**
     * Finds a shortest path from a free row to a free column and turns it over.
     *
     * @param list<list<float|null>> $cost
     * @param array<int, float>      $u
     * @param array<int, float>      $v
     * @param array<int, int>        $match
     */
    private static function augment(
        array $cost,
        int $row,
        int $columns,
        int $root,
        float $left,
        array &$u,
        array &$v,
        array &$match,
    ): void {
        $match[$root] = $row;
        $distance = array_fill(0, $root, \INF);
        $from = array_fill(0, $root, $root);
        $open = array_combine(range(0, $root - 1), range(0, $root - 1));
        $used = [$at = $root];
        do {
            $i = $match[$at];
            [$mine, $own, $least, $next] = [$cost[$i], $columns + $i, \INF, -1];
            foreach ($open as $j) {
                $price = $j < $columns ? $mine[$j] : ($j === $own ? $left : null);
                if (null !== $price && $price - $u[$i] - $v[$j] < $distance[$j]) {
                    [$distance[$j], $from[$j]] = [$price - $u[$i] - $v[$j], $at];
                }
                if ($distance[$j] < $least) {
                    [$least, $next] = [$distance[$j], $j];
                }
            }
            foreach ($used as $j) {
                $u[$match[$j]] += $least;
                $v[$j] -= $least;
            }
            foreach ($open as $j) {
                $distance[$j] -= $least;
            }
            unset($open[$next]);
            $used[] = $at = $next;
        } while ($match[$at] >= 0);
        self::turnOver($match, $from, $at, $root);
    }

    /**
     * Along the path that ends at a free column: each column goes to the row before it.
     *
     * @param array<int, int> $match
     * @param array<int, int> $from
     */
    private static function turnOver(array &$match, array $from, int $at, int $root): void
    {
        for (; $at !== $root; $at = $from[$at]) {
            $match[$at] = $match[$from[$at]];
        }
    }

    /**
     * @param list<list<float|null>> $cost
     */
    private static function columns(array $cost): int
    {
        $columns = \count($cost[0] ?? []);
        if (\count($cost) > self::MOST || $columns > self::MOST) {
            throw OutOfRange::of(
                'table',
                \count($cost).' × '.$columns,
                'at most '.self::MOST.' rows and columns',
            );
        }
        foreach ($cost as $i => $row) {
            if (\count($row) !== $columns) {
                throw OutOfRange::of(
                    'row '.($i + 1),
                    \count($row).' costs',
                    $columns.' costs, as in the first row',
                );
            }
            foreach ($row as $price) {
                if (null !== $price && !is_finite($price)) {
                    throw OutOfRange::of('cost', (string) $price, 'a finite number, or null');
                }
            }
        }

        return $columns;
    }

    /**
     * More than all that could be saved by leaving somebody out.
     *
     * @param list<list<float|null>> $cost
     */
    private static function leftOut(array $cost): float
    {
        $most = $least = 0.0;
        foreach ($cost as $row) {
            foreach ($row as $price) {
                $most = max($most, $price ?? 0.0);
                $least = min($least, $price ?? 0.0);
            }
        }

        return $most + ($most - $least) * (\count($cost) + 1) + 1.0;
    }

    /**
     * @param list<int|null>         $columnOf
     * @param list<list<float|null>> $cost
     */
    private static function summed(array $columnOf, array $cost): self
    {
        $sum = 0.0;
        $served = 0;
        foreach ($columnOf as $row => $column) {
            if (null !== $column) {
                $sum += $cost[$row][$column] ?? 0.0;
                ++$served;
            }
        }

        return new self($columnOf, $sum, $served);
    }
}
