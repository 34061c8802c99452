<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

/**
 * Keeps a spreadsheet from taking a cell for a formula: an apostrophe before = + - @, tab or carriage return, also behind
 * blanks, which some leave out, and in full width, which some take for the same. A cell
 * that by itself is an apostrophe before one of these gets another one, so that reading gives back what was written.
 */
final class FormulaCells
{
    private const DANGEROUS = '/^(?:[\t\r]|[\s\p{Z}\x{FEFF}]*[=+\-@\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}])/u';

    public static function escape(string $cell): string
    {
        return self::isDangerous(ltrim($cell, "'")) ? "'".$cell : $cell;
    }

    public static function unescape(string $cell): string
    {
        return str_starts_with($cell, "'") && self::isDangerous(ltrim($cell, "'")) ? substr($cell, 1) : $cell;
    }

    private static function isDangerous(string $cell): bool
    {
        return 1 === preg_match(self::DANGEROUS, mb_scrub($cell));
    }
}
