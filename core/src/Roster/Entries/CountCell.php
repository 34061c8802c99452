<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Streak\CountedReps;

/**
 * A cell with a count: `38`, `38 reps`, `12x`, `none`.
 */
final class CountCell
{
    private const NUMBER = '/^(\d{1,6})(?:[.,]0{1,2})?\s*[×x]?\s*(?:\p{L}[\p{L} .]*)?$/u';
    private const NONE = '/^(none|no|nil|zero|clean|keine?|nul|ninguno?)\b/i';

    /** @return int|null null: no whole number that an entry can have */
    public static function read(string $cell): ?int
    {
        if (1 === preg_match(self::NONE, $cell)) {
            return 0;
        }
        $count = 1 === preg_match(self::NUMBER, $cell, $found) ? (int) $found[1] : null;

        return null !== $count && $count <= CountedReps::MOST_IN_ENTRY ? $count : null;
    }
}
