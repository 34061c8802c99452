<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

/**
 * Two weeks and more without a practice.
 */
final class Pauses
{
    public const LEAST_DAYS = 14;

    /**
     * @param list<int> $days numbers of days with a practice, in order
     *
     * @return list<array{int, int}> first and last day without one
     */
    public static function between(array $days): array
    {
        $pauses = [];
        foreach (\array_slice($days, 1) as $i => $day) {
            if ($day - $days[$i] > self::LEAST_DAYS) {
                $pauses[] = [$days[$i] + 1, $day - 1];
            }
        }

        return $pauses;
    }
}
