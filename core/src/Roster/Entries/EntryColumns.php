<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Roster\Athletes\Words;
use Zumbo\Core\Roster\Sheet;

/**
 * Which column holds what, and where the heading ends: guessed from its words, else from what stands below.
 */
final readonly class EntryColumns
{
    /** A heading stands among the first rows, below a title perhaps. */
    private const HEADING_WITHIN = 5;

    /** A title may have one of the words; a heading has more. */
    private const WORDS_OF_A_HEADING = 2;

    /** So many of a column's cells have to be what it is taken for. */
    private const MOST = 0.5;

    /**
     * @param int                     $firstRow of the sheet's rows that is no heading
     * @param array<int, EntryColumn> $meanings by column
     */
    private function __construct(public int $firstRow, public array $meanings)
    {
    }

    public static function guess(Sheet $sheet, \DateTimeImmutable $today): self
    {
        $heading = self::headingRow($sheet, $today);
        $first = null === $heading ? 0 : $heading + 1;
        $meanings = [];
        foreach (null === $heading ? [] : $sheet->rows[$heading]->cells as $column => $cell) {
            $meaning = EntryColumn::ofHeading($cell);
            if (null !== $meaning && !\in_array($meaning, $meanings, true)) {
                $meanings[$column] = $meaning;
            }
        }
        $isDay = static fn (string $cell): bool => DayCell::of($cell, $today)->isOne();
        $isCount = static fn (string $cell): bool => null !== CountCell::read($cell);
        $meanings = self::with($sheet, $first, $meanings, EntryColumn::Date, $isDay);
        if ([] === array_intersect(array_column($meanings, 'value'), ['name', 'first-name', 'last-name'])) {
            $isName = static fn (string $cell): bool => Words::looksLikeAName($cell) && !$isCount($cell);
            $meanings = self::with($sheet, $first, $meanings, EntryColumn::Name, $isName);
        }
        $meanings = self::with($sheet, $first, $meanings, EntryColumn::Reps, $isCount);
        if (null === $heading) {
            $meanings = self::with($sheet, $first, $meanings, EntryColumn::Misses, $isCount);
        }
        ksort($meanings);

        return new self($first, $meanings);
    }

    /** @param array<int, EntryColumn> $meanings as somebody has mended them */
    public function meaning(array $meanings): self
    {
        return new self($this->firstRow, $meanings);
    }

    /** @return int|null null: there is none */
    public function of(EntryColumn $meaning): ?int
    {
        $found = array_search($meaning, $this->meanings, true);

        return false === $found ? null : $found;
    }

    private static function headingRow(Sheet $sheet, \DateTimeImmutable $today): ?int
    {
        foreach (\array_slice($sheet->rows, 0, self::HEADING_WITHIN) as $i => $row) {
            $days = array_filter($row->cells, static fn (string $cell): bool => DayCell::of($cell, $today)->isOne());
            $counts = array_filter($row->cells, static fn (string $cell): bool => null !== CountCell::read($cell));
            if ([] !== $days && [] !== $counts) {
                // It has begun: what comes now is no heading, whatever its words.
                return null;
            }
            $words = array_filter($row->cells, static fn (string $cell): bool => null !== EntryColumn::ofHeading($cell));
            if (\count($words) >= self::WORDS_OF_A_HEADING) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param array<int, EntryColumn> $meanings
     * @param callable(string): bool  $is
     *
     * @return array<int, EntryColumn> with the first column of that kind that has no meaning yet
     */
    private static function with(Sheet $sheet, int $first, array $meanings, EntryColumn $meaning, callable $is): array
    {
        for ($column = 0; $column < $sheet->width() && !\in_array($meaning, $meanings, true); ++$column) {
            $cells = $sheet->column($column, $first);
            if (!isset($meanings[$column]) && [] !== $cells && \count(array_filter($cells, $is)) / \count($cells) > self::MOST) {
                $meanings[$column] = $meaning;
            }
        }

        return $meanings;
    }
}
