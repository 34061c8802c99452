<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

/**
 * A table as CSV (RFC 4180); text that begins like a formula is no formula.
 */
final class CsvText
{
    /**
     * @param list<string>                          $head
     * @param iterable<list<string|int|float|null>> $rows
     */
    public static function of(array $head, iterable $rows): string
    {
        $out = fopen('php://temp', 'r+');
        \assert(false !== $out);
        fputcsv($out, $head, escape: '');
        foreach ($rows as $row) {
            fputcsv($out, array_map(self::plain(...), $row), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    private static function plain(string|int|float|null $value): string
    {
        return \is_string($value) && 1 === preg_match('/^[=+\-@\t\r]/', $value) ? "'".$value : (string) $value;
    }
}
