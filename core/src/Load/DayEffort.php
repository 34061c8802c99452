<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

/**
 * What the sessions of a day come to in effort times minutes. How hard it was only the athlete knows: where they have said it
 * themselves, what a coach guessed of that day does not count (our assumption).
 */
final class DayEffort
{
    /**
     * @param list<SessionRating> $own     as the athlete said
     * @param list<SessionRating> $guessed as a coach wrote it down
     */
    public static function load(array $own, array $guessed): float
    {
        return array_sum(array_map(
            static fn (SessionRating $rating): float => $rating->load(),
            [] === $own ? $guessed : $own,
        ));
    }
}
