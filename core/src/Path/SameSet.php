<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Measure\Verdict;

/**
 * Finds the set that two coaches wrote down: the same drill and count of one athlete, in two hands, within three
 * minutes (our assumption; a set and the walk to the next athlete take about as long). It is a question, never an
 * answer: until somebody says "keep one" or "keep both", one of the two is in doubt.
 */
final class SameSet
{
    public const WITHIN_S = 180;

    /** It is asked so many days before the last entry: later nobody knows any more (our assumption). */
    public const ASKED_DAYS = 14;

    /**
     * @param list<WrittenEntry> $entries of one athlete, the oldest first
     *
     * @return array<string, string> id of the later entry => id of the one before it; each entry in one pair at most
     */
    public static function pairs(array $entries): array
    {
        $pairs = [];
        $taken = [];
        foreach ($entries as $i => $later) {
            for ($before = $i - 1; $before >= 0; --$before) {
                $earlier = $entries[$before];
                if ($later->atS - $earlier->atS > self::WITHIN_S) {
                    break;
                }
                if (!isset($taken[$earlier->id]) && self::mayBeOne($earlier, $later)) {
                    $pairs[$later->id] = $earlier->id;
                    $taken[$earlier->id] = $taken[$later->id] = true;
                    break;
                }
            }
        }

        return $pairs;
    }

    /** @return Verdict|null what the outlook says while pairs are not decided; null: none is */
    public static function doubt(int $pairs): ?Verdict
    {
        return 0 === $pairs ? null : Verdict::of('gate.in_doubt', ['sets' => $pairs]);
    }

    private static function mayBeOne(WrittenEntry $earlier, WrittenEntry $later): bool
    {
        return '' !== $earlier->by
            && '' !== $later->by
            && $earlier->by !== $later->by
            && $earlier->what === $later->what
            && !$later->confirmed;
    }
}
