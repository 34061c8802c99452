<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

use Zumbo\Core\Measure\OutOfRange;

/**
 * A plan as a coach bends it: the sets they ask for, and what each place of each break would cost.
 */
final readonly class Bends
{
    private const MOST_SETS = 12;

    /**
     * @param non-empty-list<int>                        $sets
     * @param list<array{from: int, costS: list<float>}> $breaks of each: the first rep after which it may come, and the expected
     *                                                           time with it there and at each later place
     */
    private function __construct(
        public array $sets,
        public float $expectedS,
        /** More than the best plan takes; 0: it is as good. */
        public float $costS,
        public array $breaks,
    ) {
    }

    /**
     * @param non-empty-list<int> $sets as they are asked for
     * @param SetPlan             $best of the same reps
     *
     * @throws OutOfRange when they do not add up to the reps, or are too many
     */
    public static function of(array $sets, SetPlan $best, float $workS): self
    {
        if (array_sum($sets) !== $best->reps || min($sets) < 1 || \count($sets) > self::MOST_SETS) {
            throw OutOfRange::of('sets', implode('-', $sets), \sprintf('at most %d sets that add up to %d', self::MOST_SETS, $best->reps));
        }
        $time = static fn (int ...$tried): float => $workS + $best->lossAlong([] === $tried ? $sets : array_values($tried));
        $breaks = [];
        for ($i = 0; $i < \count($sets) - 1; ++$i) {
            $both = $sets[$i] + $sets[$i + 1];
            $costs = [];
            for ($first = 1; $first < $both; ++$first) {
                $costs[] = $time(...\array_slice($sets, 0, $i), ...[$first, $both - $first], ...\array_slice($sets, $i + 2));
            }
            $breaks[] = ['from' => array_sum(\array_slice($sets, 0, $i)) + 1, 'costS' => $costs];
        }
        $expected = $time();

        return new self($sets, $expected, max(0.0, $expected - $workS - $best->expectedLossS()), $breaks);
    }

    /**
     * @return non-empty-list<int>|null what "20-15-15" says; null: it says no sets
     */
    public static function read(string $text): ?array
    {
        $text = trim($text);
        if (1 !== preg_match('/^\d{1,4}(?:\s*[-–+, ]\s*\d{1,4})*$/u', $text)) {
            return null;
        }
        preg_match_all('/\d+/', $text, $found);
        $sets = array_map(intval(...), $found[0]);

        return [] === $sets ? null : $sets;
    }
}
