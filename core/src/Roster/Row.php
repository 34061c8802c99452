<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

/**
 * A row of a sheet with the line it stands in.
 */
final readonly class Row
{
    /**
     * @param int          $line  from 1
     * @param list<string> $cells trimmed
     */
    public function __construct(public int $line, public array $cells)
    {
    }

    public function cell(?int $column): string
    {
        return null === $column ? '' : $this->cells[$column] ?? '';
    }

    public function isEmpty(): bool
    {
        return '' === implode('', $this->cells);
    }
}
