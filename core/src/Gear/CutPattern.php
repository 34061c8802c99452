<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

/**
 * How one piece of stock is cut, and how often so.
 */
final readonly class CutPattern
{
    /**
     * @param list<int> $counts of each piece, in the order they were given
     */
    private function __construct(public array $counts, public int $times)
    {
    }

    /**
     * @param list<list<int>> $fills one for each piece of stock
     *
     * @return list<self> equal ones together, the most frequent first
     */
    public static function gathered(array $fills): array
    {
        $times = [];
        foreach ($fills as $fill) {
            // The mark keeps PHP from taking a single number for an index.
            $key = '='.implode(' ', $fill);
            $times[$key] = ($times[$key] ?? 0) + 1;
        }
        arsort($times);
        $patterns = [];
        foreach ($times as $key => $count) {
            $patterns[] = new self(array_map(intval(...), explode(' ', substr($key, 1))), $count);
        }

        return $patterns;
    }
}
