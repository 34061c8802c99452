<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Zumbo\Core\Roster\Entries\ListedEntry;

/**
 * An entry of the list that can come in.
 */
final readonly class ListedEntryView
{
    private function __construct(
        public int $line,
        public string $name,
        public string $day,
        public int $reps,
        /** Null: one go, up to the miss. */
        public ?int $misses,
    ) {
    }

    public static function of(ListedEntry $one): self
    {
        return new self($one->line, $one->name, $one->day->format('Y-m-d'), $one->reps, $one->misses);
    }
}
