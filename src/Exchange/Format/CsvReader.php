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
    public const MOST_ROWS = 100_000;

    /**
     * @return list<IncomingRow|RowError> an error for a line that has another number of cells
     *
     * @throws UnreadableFile when the header fits no table
     */
    public static function read(string $content): array
    {
        if (!mb_check_encoding($content, 'UTF-8')) {
            throw UnreadableFile::because('file', 'encoding', 'not UTF-8', 'UTF-8');
        }
        $stream = fopen('php://temp/maxmemory:33554432', 'w+');
        \assert(false !== $stream);
        fwrite($stream, str_starts_with($content, "\u{FEFF}") ? substr($content, 3) : $content);
        rewind($stream);
        $header =
            self::cells($stream) ??
            throw UnreadableFile::because('line 1', 'header', null, 'the names of the columns, id first');
        $table = self::table($header);
        $rows = [];
        for ($line = 2; null !== ($cells = self::cells($stream)); ++$line) {
            if ([''] === $cells) {
                continue;
            }
            if (\count($cells) !== \count($header)) {
                $rows[] = RowError::of(
                    'line '.$line,
                    'cells',
                    (string) \count($cells),
                    \sprintf('%d cells, as in the header; is a quote missing', \count($header)),
                );
                continue;
            }
            if (\count($rows) >= self::MOST_ROWS) {
                throw UnreadableFile::because(
                    'line '.$line,
                    'rows',
                    'more than '.self::MOST_ROWS,
                    'at most '.self::MOST_ROWS.' rows in one file; part it',
                );
            }
            $rows[] = new IncomingRow(
                $table,
                'line '.$line,
                array_combine($header, array_map(FormulaCells::unescape(...), $cells)),
                true,
            );
        }

        return $rows;
    }

    /**
     * @param resource $stream
     *
     * @return list<string>|null null: the end
     *
     * @phpstan-impure
     */
    private static function cells($stream): ?array
    {
        $cells = fgetcsv($stream, null, ',', '"', '');

        return false === $cells ? null : array_map(static fn (?string $cell): string => $cell ?? '', $cells);
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
