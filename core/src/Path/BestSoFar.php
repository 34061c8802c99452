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
        return self::among(\count($counts), [] === $counts ? 0 : max($counts));
    }

    /**
     * @param int $entries of one kind so far
     * @param int $best    the most of one of them
     *
     * @return self|null null: too few to tell
     */
    public static function among(int $entries, int $best): ?self
    {
        return $entries < self::LEAST_ENTRIES
            ? null
            : new self($best, max(self::TIMES * $best, $best + self::LEAST_ABOVE));
    }
}
