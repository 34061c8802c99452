<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Exchange\Format\CellReader;
use Zumbo\App\Exchange\Table\Column;

/**
 * Reads the cells of a row; says of every cell that can't be taken what would be right.
 */
final class RowReader
{
    /**
     * @return ReadRow|non-empty-list<RowError>
     */
    public static function read(IncomingRow $row): ReadRow|array
    {
        $values = [];
        $errors = [];
        foreach ($row->cells as $name => $given) {
            $column = $row->table->column((string) $name);
            if (null === $column) {
                $errors[] = RowError::of(
                    $row->where,
                    'column',
                    (string) $name,
                    'one of '.implode(', ', $row->table->columnNames()),
                );
                continue;
            }
            $empty = CellReader::isEmpty($column, $given);
            $value = $empty ? $column->default : CellReader::value($column, $given, $row->fromText);
            if (null === $value && !($empty && $column->optional)) {
                $errors[] = RowError::of($row->where, $column->name, $empty ? null : $given, $column->accepted());
            }
            $values[$column->name] = $value;
        }
        $id = $values['id'] ?? null;
        if (!\array_key_exists('id', $values)) {
            $errors[] = RowError::of($row->where, 'id', null, Column::id()->accepted());
        }

        return [] === $errors && \is_string($id)
            ? new ReadRow($row->table, $row->where, $id, $values)
            : ([] === $errors
                ? [RowError::of($row->where, 'id', null, Column::id()->accepted())]
                : $errors);
    }
}
