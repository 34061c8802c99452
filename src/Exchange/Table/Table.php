<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

use Zumbo\App\Exchange\Rule\RowReader;
use Zumbo\App\Exchange\Write\WriteRows;

/**
 * One exchanged table. All of it is a definition; what is done with it stands in GymRows, RowReader and WriteRows.
 */
final readonly class Table
{
    /** By which a gym's own row is known in every file. */
    public const ONLY = '00000000-0000-7000-8000-000000000000';

    /**
     * @param non-empty-list<Column> $columns the id first
     * @param array<string, string>  $sqlName of the columns whose name in the database is another
     * @param list<list<string>>     $unique  columns that together stand only once among what is not removed
     */
    public function __construct(
        public string $name,
        public string $sqlTable,
        public array $columns,
        public array $sqlName = [],
        public array $unique = [],
        /** Rows are removed and brought back, and carry a version. */
        public bool $kept = true,
        /** Rows hang in an athlete's practice of a day: `drill` and `logged_at` say in which set. */
        public bool $inPractice = false,
        /** The gym's own row: its id in files is always ONLY. */
        public bool $oneRow = false,
        /** @var list<string> columns of older files, which are read as rows of another table */
        public array $retired = [],
        /** What others may not take out. */
        public bool $forOwners = false,
        /** Rows that stay here, as an SQL condition on `t`. */
        public string $only = '1',
    ) {
    }

    public function column(string $name): ?Column
    {
        foreach ($this->columns as $column) {
            if ($column->name === $name) {
                return $column;
            }
        }

        return null;
    }

    /**
     * @return list<string>
     */
    public function columnNames(): array
    {
        return array_map(static fn (Column $column): string => $column->name, $this->columns);
    }

    public function sqlNameOf(Column $column): string
    {
        return $this->sqlName[$column->name] ?? $column->name;
    }
}
