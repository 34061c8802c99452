<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

/**
 * Values of columns as CSV cells.
 */
final class Cells
{
    /** @param string|int|float|bool|list<string>|null $value */
    public static function text(string|int|float|bool|array|null $value): string
    {
        return match (true) {
            null === $value => '',
            \is_array($value) => implode(';', $value),
            \is_bool($value) => $value ? 'true' : 'false',
            \is_float($value) => self::number($value),
            \is_int($value) => (string) $value,
            default => FormulaCells::escape($value),
        };
    }

    /** The shortest writing that reads back the same. */
    private static function number(float $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR);
    }
}
