<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Exchange\Table\Table;

/**
 * Rows as CSV by RFC 4180: a header, commas, quotes where needed, CR LF.
 */
final class CsvWriter
{
    /**
     * @param iterable<array<string, string|int|float|bool|list<string>|null>> $rows
     *
     * @param bool $marked begins with a byte order mark
     *
     * @return iterable<string> a line each
     */
    public static function lines(Table $table, iterable $rows, bool $marked = false): iterable
    {
        yield ($marked ? "\u{FEFF}" : '').self::line($table->columnNames());
        foreach ($rows as $row) {
            yield self::line(
                array_map(static fn (string $name): string => Cells::text($row[$name] ?? null), $table->columnNames()),
            );
        }
    }

    /**
     * @param list<string> $cells
     */
    private static function line(array $cells): string
    {
        $quoted = array_map(
            static fn (string $cell): string => 1 === preg_match('/[",\r\n]/', $cell)
                ? '"'.str_replace('"', '""', $cell).'"'
                : $cell,
            $cells,
        );

        return implode(',', $quoted)."\r\n";
    }
}
