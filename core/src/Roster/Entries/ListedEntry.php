<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

/**
 * What somebody did on a day, as a list has it.
 */
final readonly class ListedEntry
{
    public function __construct(
        public int $line,
        /** As the gym has it. */
        public string $name,
        public \DateTimeImmutable $day,
        public int $reps,
        /** Null: the list has no misses; each line is one go, up to the miss. */
        public ?int $misses,
    ) {
    }

    /** The same for the same entry in the log. */
    public function key(): string
    {
        return self::keyOf($this->name, $this->day, $this->reps, $this->misses ?? 0);
    }

    public static function keyOf(string $name, \DateTimeImmutable $day, int $reps, int $misses): string
    {
        return \sprintf('%s %s %d %d', $name, $day->format('Y-m-d'), $reps, $misses);
    }
}
