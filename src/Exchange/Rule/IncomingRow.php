<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Exchange\Table\Table;

/**
 * One row of a file before it is read: its table, where it stands, and its cells.
 */
final readonly class IncomingRow
{
    /**
     * @param array<array-key, mixed> $cells by column name
     */
    public function __construct(
        public Table $table,
        public string $where,
        public array $cells,
        public bool $fromText,
    ) {
    }
}
