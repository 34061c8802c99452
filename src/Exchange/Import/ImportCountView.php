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
}
