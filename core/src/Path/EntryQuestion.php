<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Verdict;

/**
 * What is asked once about an entry that is hardly meant: a count far above the best so far, or reps where the drill
 * counts seconds. It is one quiet line, and the entry counts all the while.
 */
final class EntryQuestion
{
    /**
     * @param CountKind      $counted of the entry
     * @param CountKind      $drill   what the drill counts
     * @param BestSoFar|null $best    of the other entries of the kind; null: too few to tell
     */
    public static function about(CountKind $counted, int $count, CountKind $drill, ?BestSoFar $best): ?Verdict
    {
        if (CountKind::Hold === $drill && CountKind::Hold !== $counted) {
            return Verdict::of('entry.ask_seconds', ['reps' => $count]);
        }

        return null !== $best && $count > $best->askAbove
            ? Verdict::of('entry.ask_best', ['reps' => $count, 'best' => $best->count])
            : null;
    }
}
