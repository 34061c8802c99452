<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Compare;

use Zumbo\App\Exchange\Format\Cells;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Table\ColumnKind;
use Zumbo\App\Exchange\Table\StoredRow;

/**
 * What one row of a file would do, as a coach reads it before they agree.
 */
final class ImportExample
{
    private const SHOWN = 40;

    public static function ofNew(ReadRow $row): string
    {
        return \sprintf('%s, %s: new: %s', $row->table->name, $row->where, self::brief($row));
    }

    public static function ofChange(ReadRow $row, StoredRow $mine): string
    {
        $changes = [];
        foreach ($row->values as $name => $value) {
            $before = Cells::text($mine->values[$name] ?? null);
            $after = Cells::text($value);
            if ($before !== $after) {
                $changes[] = \sprintf('%s “%s” becomes “%s”', $name, self::short($before), self::short($after));
            }
        }

        return \sprintf(
            '%s, %s: %s',
            $row->table->name,
            $row->where,
            [] === $changes ? 'brought back' : implode('; ', $changes),
        );
    }

    /** The first thing that is no id. */
    private static function brief(ReadRow $row): string
    {
        $told = [];
        foreach ($row->table->columns as $column) {
            if (ColumnKind::Id !== $column->kind && \count($told) < 3) {
                $told[] = self::short(Cells::text($row->values[$column->name] ?? null));
            }
        }

        return implode(', ', $told);
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(str_replace("\n", ' ', $text), 0, self::SHOWN, '…');
    }
}
