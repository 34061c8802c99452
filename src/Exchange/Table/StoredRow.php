<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

use Zumbo\App\Exchange\Rule\ReadRow;

/**
 * A row as the gym has it.
 */
final readonly class StoredRow
{
    private const SAME = 1e-9;

    /**
     * @param array<string, string|int|float|bool|list<string>|null> $values by column
     */
    public function __construct(public array $values, public bool $removed)
    {
    }

    /** Whether a row of a file says nothing new. */
    public function saysAll(ReadRow $row): bool
    {
        foreach ($row->values as $name => $value) {
            $mine = $this->values[$name] ?? null;
            $same = \is_float($value) && \is_float($mine) ? abs($value - $mine) < self::SAME : $value === $mine;
            if (!$same) {
                return false;
            }
        }

        return !$this->removed;
    }
}
