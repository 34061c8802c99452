<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

/**
 * Keeps a spreadsheet from taking a cell for a formula: an apostrophe before = + - @, tab or carriage return. A cell
 * that by itself is an apostrophe before one of these gets another one, so that reading gives back what was written.
 */
final class FormulaCells
{
    private const STARTS = "=+-@\t\r";

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
        return '' !== $cell && str_contains(self::STARTS, $cell[0]);
    }
}
