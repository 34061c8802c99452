<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Exchange\Table\Table;

/**
 * One row of a file that could be read: only the columns that were given.
 */
final readonly class ReadRow
{
    /**
     * @param array<string, string|int|float|bool|list<string>|null> $values
     */
    public function __construct(public Table $table, public string $where, public string $id, public array $values)
    {
    }

    public function text(string $column): string
    {
        $value = $this->values[$column] ?? null;

        return \is_string($value) ? $value : '';
    }
}
