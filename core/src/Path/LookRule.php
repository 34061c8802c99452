<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Verdict;

/**
 * When a coach should go and look at somebody tonight: several goes in a row that were rough, or hardly began (our
 * assumption). A look, never a stop.
 */
final class LookRule
{
    /** So many in a row. */
    public const GOES = 3;

    /** A go that ends by a miss before so many reps has hardly begun. */
    private const HARDLY_BEGUN_REPS = 3;

    /**
     * @param list<Entry> $tonight the newest last
     *
     * @return Verdict|null why; null: no need to
     */
    public static function asksFor(array $tonight): ?Verdict
    {
        $last = \array_slice($tonight, -self::GOES);
        $fine = array_filter($last, static fn (Entry $entry): bool => !self::isPoor($entry));

        return \count($last) < self::GOES || [] !== $fine
            ? null
            : Verdict::of('look.rough', ['goes' => self::GOES]);
    }

    private static function isPoor(Entry $entry): bool
    {
        $single = CountKind::Streak === $entry->countKind && !$entry->counted->summed;

        return !$entry->clean
            || ($single && $entry->counted->misses > 0 && $entry->counted->successes < self::HARDLY_BEGUN_REPS);
    }
}
