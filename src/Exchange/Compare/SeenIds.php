<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Compare;

use Zumbo\App\Exchange\Table\Table;

/**
 * Which rows of a file were met. 64 bits are kept of each, some 40 bytes in memory: among a million rows the chance that
 * two look the same is one in forty million.
 */
final class SeenIds
{
    /** @var array<int, true> */
    private array $seen = [];

    /** @return bool whether it was met before */
    public function meet(Table $table, string $id): bool
    {
        $key = self::key($table, $id);
        $before = isset($this->seen[$key]);
        $this->seen[$key] = true;

        return $before;
    }

    public function has(Table $table, string $id): bool
    {
        return isset($this->seen[self::key($table, $id)]);
    }

    private static function key(Table $table, string $id): int
    {
        $words = unpack('J', hash('xxh3', $table->name.' '.$id, true));

        return \is_array($words) && \is_int($words[1]) ? $words[1] : 0;
    }
}
