<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Exchange\Table\Column;
use Zumbo\App\Exchange\Table\ColumnKind;
use Zumbo\App\Exchange\Table\Table;

/**
 * What is kept of one athlete as a page to read: one file that opens anywhere and asks for nothing.
 */
final class HtmlWriter
{
    private const STYLE = 'body{font:16px/1.45 sans-serif;margin:2rem;max-width:70rem}table{border-collapse:collapse;margin:.5rem 0 2rem}'
        .'th,td{border:1px solid #ccc;padding:.3rem .6rem;text-align:left;vertical-align:top}caption{text-align:left;color:#555}';

    /**
     * @param array<string, array{Table, list<array<string, string|int|float|bool|list<string>|null>>}> $tables with their rows, by name
     */
    public static function page(string $title, string $day, array $tables): string
    {
        $body = '<h1>'.self::text($title).'</h1><p>All that is kept, as of '.self::text($day)
            .'. Times are UTC, lengths metres. The same as a file for programmes: the JSON export of this athlete.</p>';
        foreach ($tables as $name => [$table, $rows]) {
            $body .= self::table($name, $table, $rows);
        }

        return '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>'.self::text($title).'</title><style>'
            .self::STYLE.'</style></head><body>'.$body.'</body></html>'."\n";
    }

    /**
     * @param list<array<string, string|int|float|bool|list<string>|null>> $rows
     */
    private static function table(string $name, Table $table, array $rows): string
    {
        // An id tells people nothing; which athlete it is stands above.
        $columns = array_filter(
            $table->columns,
            static fn (Column $column): bool => ColumnKind::Id !== $column->kind,
        );
        $head = implode('', array_map(
            static fn (Column $column): string => '<th title="'.self::text($column->meaning).'">'
                .self::text(str_replace('_', ' ', $column->name)).'</th>',
            $columns,
        ));
        $lines = implode("\n", array_map(static fn (array $row): string => '<tr>'.implode('', array_map(
            static fn (Column $column): string => '<td>'.self::text(Cells::text($row[$column->name] ?? null)).'</td>',
            $columns,
        )).'</tr>', $rows));

        return '<h2>'.self::text(ucfirst(str_replace('_', ' ', $name))).'</h2><table><caption>'.\count($rows)
            .'</caption><thead><tr>'.$head.'</tr></thead><tbody>'.$lines.'</tbody></table>';
    }

    private static function text(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5);
    }
}
