<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Measure\Verdict;

/**
 * Contacts that a week may hold, from the weeks before it: at most a tenth more than the base, the greater of the last
 * ordinary week and the mean of the last two (that more than about a tenth a week is too much is common practice, no
 * published source). After two empty weeks three quarters of the base, after four or more half of it; after pain half
 * of the mean, rising by a tenth a week until the old load is reached; of what a week may hold at most where nothing was
 * logged before (our assumption).
 */
final readonly class WeekBase
{
    public const RISE = 0.10;
    private const EMPTY_WEEKS = [4 => 0.5, 2 => 0.75];
    private const AFTER_PAIN = 0.5;
    private const EASY_WEEK = 0.5;

    private function __construct(
        /** Null: no ordinary week yet, the cap alone holds. */
        public ?int $most,
        public ?Verdict $reason,
    ) {
    }

    /**
     * @param list<int> $weeks         contacts of the weeks before this one, the oldest first; 0: an empty week
     * @param int|null  $daysSincePain cleared so many days ago; null: no return from pain
     * @param int       $weekCap       what a week holds at most
     */
    public static function of(array $weeks, ?int $daysSincePain, bool $easy, int $weekCap): self
    {
        $ordinary = array_values(array_filter($weeks, static fn (int $contacts): bool => $contacts > 0));
        if (null !== $daysSincePain && self::isReturning($daysSincePain)) {
            return self::afterPain($ordinary, $daysSincePain, $weekCap);
        }
        if ($easy) {
            return self::easy($ordinary, $weekCap);
        }
        if ([] === $ordinary) {
            return new self(null, null);
        }
        $base = max($ordinary[\count($ordinary) - 1], self::mean($ordinary));
        $empty = self::emptyAtTheEnd($weeks);
        foreach (self::EMPTY_WEEKS as $least => $share) {
            if ($empty >= $least) {
                return new self(
                    (int) round($share * $base),
                    Verdict::of('load.after_pause', ['base' => (int) round($base), 'empty' => $empty]),
                );
            }
        }

        return new self(
            (int) round((1 + self::RISE) * $base),
            Verdict::of('load.base', ['base' => (int) round($base), 'rise_percent' => (int) (100 * self::RISE)]),
        );
    }

    /**
     * @param list<int> $ordinary
     */
    private static function easy(array $ordinary, int $weekCap): self
    {
        if ([] === $ordinary) {
            return new self((int) round(self::EASY_WEEK * $weekCap), Verdict::of('load.easy_unknown', ['cap' => $weekCap]));
        }
        $mean = self::mean($ordinary);

        return new self((int) round(self::EASY_WEEK * $mean), Verdict::of('load.easy', ['mean' => (int) round($mean)]));
    }

    /** Whether the load of before is not reached yet, so many days after pain was cleared: about seven weeks. */
    public static function isReturning(int $days): bool
    {
        return self::shareAfterPain($days) < 1.0;
    }

    /**
     * @param list<int> $ordinary
     */
    private static function afterPain(array $ordinary, int $days, int $weekCap): self
    {
        $share = self::shareAfterPain($days);
        if ([] === $ordinary) {
            return new self((int) round($share * $weekCap), Verdict::of('load.return_unknown', ['cap' => $weekCap, 'days' => $days]));
        }
        $mean = self::mean($ordinary);

        return new self(
            (int) round($share * $mean),
            Verdict::of('load.return', ['mean' => (int) round($mean), 'days' => $days]),
        );
    }

    private static function shareAfterPain(int $days): float
    {
        return self::AFTER_PAIN * (1 + self::RISE) ** ($days / 7);
    }

    /**
     * @param non-empty-list<int> $ordinary
     */
    private static function mean(array $ordinary): float
    {
        $last = \array_slice($ordinary, -2);

        return array_sum($last) / max(1, \count($last));
    }

    /**
     * @param list<int> $weeks
     */
    private static function emptyAtTheEnd(array $weeks): int
    {
        $empty = 0;
        foreach (array_reverse($weeks) as $contacts) {
            if ($contacts > 0) {
                break;
            }
            ++$empty;
        }

        return $empty;
    }
}
