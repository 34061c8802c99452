<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Table\Table;
use Zumbo\App\Exchange\Table\Tables;

/**
 * Reads CSV by RFC 4180 (also with LF alone and a byte order mark). The header tells which table it is.
 */
final class CsvReader
{
    /** A quote that is never closed must not swallow a whole file. */
    private const MOST_LINE_BYTES = 1_000_000;

    /**
     * @param resource $stream that can be set back
     *
     * @return \Generator<int, IncomingRow|RowError> an error for a line that has another number of cells
     *
     * @throws UnreadableFile when the header fits no table, or a line can't be told from the next
     */
    public static function read($stream): \Generator
    {
        if ("\u{FEFF}" !== fread($stream, 3)) {
            rewind($stream);
        }
        $header =
            self::cells($stream, 1) ??
            throw UnreadableFile::because('line 1', 'header', null, 'the names of the columns, id first');
        $table = self::table($header);
        for ($line = 2; null !== ($cells = self::cells($stream, $line)); ++$line) {
            if ([''] === $cells) {
                continue;
            }
            yield \count($cells) === \count($header)
                ? new IncomingRow(
                    $table,
                    'line '.$line,
                    array_combine($header, array_map(FormulaCells::unescape(...), $cells)),
                    true,
                )
                : RowError::of(
                    'line '.$line,
                    'cells',
                    (string) \count($cells),
                    \sprintf('%d cells, as in the header; is a quote missing', \count($header)),
                );
        }
    }

    /**
     * @param resource $stream
     *
     * @return list<string>|null null: the end
     */
    private static function cells($stream, int $line): ?array
    {
        $begin = (int) ftell($stream);
        $quotes = $bytes = 0;
        do {
            $text = fgets($stream, self::MOST_LINE_BYTES);
            $quotes += substr_count((string) $text, '"');
            $bytes += \strlen((string) $text);
        } while (false !== $text && 1 === $quotes % 2 && $bytes < self::MOST_LINE_BYTES);
        if ($bytes >= self::MOST_LINE_BYTES - 1) {
            throw UnreadableFile::because('line '.$line, 'length', 'over 1 MB', 'shorter lines; is a quote missing');
        }
        fseek($stream, $begin);
        $cells = fgetcsv($stream, null, ',', '"', '');
        if (false === $cells) {
            return null;
        }
        $cells = array_map(static fn (?string $cell): string => $cell ?? '', $cells);

        return mb_check_encoding($cells, 'UTF-8')
            ? $cells
            : throw UnreadableFile::because('line '.$line, 'encoding', 'not UTF-8', 'UTF-8');
    }

    /**
     * @param list<string> $header
     */
    private static function table(array $header): Table
    {
        $named = array_count_values($header);
        foreach ($named as $name => $times) {
            if ($times > 1) {
                throw UnreadableFile::because('line 1', 'column', $name, 'each column once');
            }
        }
        $fitting = array_values(
            array_filter(
                Tables::all(),
                static fn (Table $table): bool => [] === array_diff(
                    $header,
                    $table->columnNames(),
                    $table->retired,
                ),
            ),
        );
        foreach ($fitting as $table) {
            if ([] === array_diff($table->columnNames(), $header)) {
                return $table;
            }
        }
        if (!\in_array('id', $header, true) || [] === $fitting) {
            throw UnreadableFile::because(
                'line 1',
                'header',
                implode(',', $header),
                'id and other columns of one table: '.
                    implode(
                        '; ',
                        array_map(
                            static fn (Table $table): string => $table->name.
                                ': '.
                                implode(',', $table->columnNames()),
                            Tables::all(),
                        ),
                    ),
            );
        }
        if (\count($fitting) > 1) {
            throw UnreadableFile::because(
                'line 1',
                'header',
                implode(',', $header),
                'columns that only one table has; these stand in '.
                    implode(' and ', array_map(static fn (Table $table): string => $table->name, $fitting)),
            );
        }

        return $fitting[0];
    }
}
