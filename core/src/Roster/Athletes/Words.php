<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Athletes;

use Zumbo\Core\Body\BirthYear;
use Zumbo\Core\Roster\PersonName;
use Zumbo\Core\Stage\Experience;

/**
 * What the words of a list mean; common practice, no published source.
 */
final class Words
{
    /** The narrower first. */
    private const EXPERIENCE = [
        'linked-doubles' => '/\b(linked|unbroken|consistent|advanced|good|solid)\b|\bdu s?\b.*\d|\d.*\b(du|dus|double)/',
        'some-doubles' => '/\b(some|few|single|occasional|first)\b.*\b(double|du)|\bdoubles?\b|\bdus?\b|double ?under'
            .'|intermediate|attempts/',
        'singles' => '/single/',
        'none' => '/\b(none|never|new|no|beginner|starter|zero)\b|^0$/',
    ];

    /** A year, a day that begins with it (and perhaps an hour), or one that ends with it. */
    private const YEAR = '/^(?:(\d{4})(?:[-.\/]\d{1,2}[-.\/]\d{1,2})?(?:[ T].*)?|\d{1,2}[-.\/ ]\d{1,2}[-.\/ ](\d{4}))$/';

    private const HAND = ['left' => '/^(l|left)\b|\bleft/', 'right' => '/^(r|right)\b|\bright/', 'both' => '/both|ambi|either/'];

    public static function experience(string $cell): ?Experience
    {
        foreach (self::EXPERIENCE as $code => $words) {
            if (1 === preg_match($words, self::plain($cell))) {
                return Experience::from($code);
            }
        }

        return null;
    }

    /** @return string|null right, left or both */
    public static function hand(string $cell): ?string
    {
        foreach (self::HAND as $hand => $words) {
            if (1 === preg_match($words, self::plain($cell))) {
                return $hand;
            }
        }

        return null;
    }

    /** Of a year or a day: the year. Two digits could be two centuries. */
    public static function birthYear(string $cell, int $thisYear): ?int
    {
        $found = 1 === preg_match(self::YEAR, $cell, $match);
        $year = (int) ($match[2] ?? $match[1] ?? 0);

        return $found && $year >= BirthYear::LEAST && $year < $thisYear ? $year : null;
    }

    /** The later of the two years it can be: who may be younger is spared more. */
    public static function birthYearOfAge(string $cell, int $thisYear): ?int
    {
        return 1 === preg_match('/^\d{1,2}$/', $cell) && $cell > 3 ? $thisYear - (int) $cell : null;
    }

    public static function looksLikeAName(string $cell): bool
    {
        $name = PersonName::of($cell);

        return 1 === preg_match('/\p{L}/u', $name) && !HeightCell::isOne($name) && !str_contains($name, '@');
    }

    private static function plain(string $cell): string
    {
        return trim((string) preg_replace('/[^\p{L}\d]+/u', ' ', mb_strtolower($cell)));
    }
}
