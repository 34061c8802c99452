<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * The most of a kind of entry so far, and the count above which one asks whether it is meant: more than three times the
 * best and at least twenty above it, once three entries of the kind are there (our assumption): a slip of the finger adds
 * a digit, a good evening does not.
 */
final readonly class BestSoFar
{
    public const TIMES = 3;
    public const LEAST_ABOVE = 20;
    public const LEAST_ENTRIES = 3;

    private function __construct(public int $count, public int $askAbove)
    {
    }

    /**
     * @param list<int> $counts of the entries of one kind so far
     *
     * @return self|null null: too few to tell
     */
    public static function of(array $counts): ?self
    {
        if ([] === $counts || \count($counts) < self::LEAST_ENTRIES) {
            return null;
        }
        $best = max($counts);

        return new self($best, max(self::TIMES * $best, $best + self::LEAST_ABOVE));
    }
}
