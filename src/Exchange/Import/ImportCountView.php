<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

/**
 * What an import does to one table.
 */
final readonly class ImportCountView
{
    public function __construct(public string $table, public int $add, public int $change, public int $same)
    {
    }

    /**
     * @param array{add: int, change: int, same: int} $count
     */
    public static function of(string $table, array $count): self
    {
        return new self($table, $count['add'], $count['change'], $count['same']);
    }
}
