<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Compare;

use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Table\Table;

/**
 * What an import would do: how many rows it adds and changes, how many say nothing new, and what can't be taken.
 */
final class ImportPlan
{
    public const MOST_ERRORS = 200;

    /** @var list<RowError> at most so many are kept */
    public array $errors = [];

    public int $errorCount = 0;

    public const MOST_EXAMPLES = 50;

    /** @var list<string> what changes, row by row, as one reads it; at most so many */
    public array $examples = [];

    /** @var array<string, array{add: int, change: int, same: int}> by table */
    public array $counts = [];

    public function refuse(RowError $error): void
    {
        ++$this->errorCount;
        if (\count($this->errors) < self::MOST_ERRORS) {
            $this->errors[] = $error;
        }
    }

    /** @param 'add'|'change'|'same' $what */
    public function count(Table $table, string $what): void
    {
        $this->counts[$table->name] ??= ['add' => 0, 'change' => 0, 'same' => 0];
        ++$this->counts[$table->name][$what];
    }

    public function show(string $example): void
    {
        if (\count($this->examples) < self::MOST_EXAMPLES) {
            $this->examples[] = $example;
        }
    }

    public function mayGoOn(): bool
    {
        return 0 === $this->errorCount;
    }
}
