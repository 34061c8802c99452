<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Athletes;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Measure\UnreadableLength;

/**
 * A cell with a height. A bare number is taken in the unit that the heading names, where it names one.
 */
final class HeightCell
{
    private const UNITS = ['/\b(cm|centimet\w+)\b/' => 'cm', '/\b(in|inch|inches)\b/' => 'in', '/\b(ft|feet|foot)\b/' => 'ft',
        '/\b(m|met(er|re)s?)\b/' => 'm'];

    /** @return string|null cm, m, in or ft */
    public static function unitIn(string $heading): ?string
    {
        // "in feet": the first word is no unit.
        $heading = (string) preg_replace('/\bin (?=(?:cm|centi|met|m\b|feet|foot|ft|inch))/i', '', $heading);
        foreach (self::UNITS as $words => $unit) {
            // "ft/in" and "cm or ft" name two: each cell has to say its own.
            $rest = (string) preg_replace($words, '', mb_strtolower($heading), -1, $found);
            if ($found > 0) {
                return null === self::unitIn($rest) ? $unit : null;
            }
        }

        return null;
    }

    public static function isOne(string $cell): bool
    {
        return self::likeness($cell) > 0.0;
    }

    /** @return float 1: a height, 0: none; between: it could be one in another unit, or a weight or an age */
    public static function likeness(string $cell): float
    {
        try {
            self::read($cell, null);

            return 1.0;
        } catch (OutOfRange) {
            return 0.0;
        } catch (UnreadableLength $e) {
            return str_contains($e->accepted, ' or ') && 1 === preg_match('/^\d/', $cell) ? 0.6 : 0.0;
        }
    }

    /**
     * @throws UnreadableLength when it is no length, or could be two
     * @throws OutOfRange       when nobody is so tall
     */
    public static function read(string $cell, ?string $unit): Length
    {
        $bare = 1 === preg_match('/^\d+(?:[.,]\d+)?$/', $cell);
        if ($bare && 'ft' === $unit && 1 === preg_match('/^(\d)[.,](\d{1,2})$/', $cell, $found)) {
            // Whoever has no other mark writes five feet six as 5.6.
            throw UnreadableLength::ambiguous($cell, ["$cell ft", \sprintf('%s ft %d in', $found[1], $found[2])]);
        }
        if ($bare && null === $unit && 1 === \strlen($cell)) {
            throw UnreadableLength::because($cell, 'a count, no length');
        }

        return LengthParser::parse($bare && null !== $unit ? $cell.' '.$unit : $cell, Quantity::Stature->range());
    }
}
