<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

/**
 * A list as rows of cells, however it was written: out of a spreadsheet, or typed line by line.
 */
final readonly class Sheet
{
    /** @param list<Row> $rows those with something in them */
    private function __construct(public array $rows)
    {
    }

    /**
     * @param iterable<int, list<string>> $rows of a spreadsheet, by their line
     */
    public static function ofRows(iterable $rows): self
    {
        $kept = [];
        foreach ($rows as $line => $cells) {
            $kept[] = new Row($line, array_map(self::trim(...), $cells));
        }

        return new self(array_values(array_filter($kept, static fn (Row $row): bool => !$row->isEmpty())));
    }

    /**
     * @param string $text       UTF-8, with or without a byte order mark; cells parted by tabs, semicolons or commas, perhaps in
     *                           quotes (RFC 4180), or lines as people type them
     * @param bool   $hasHeights whether two cells between commas can be one height with a decimal comma
     */
    public static function ofText(string $text, bool $hasHeights = false): self
    {
        $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
        $lines = preg_split('/\r\n|\n|\r/', $text);
        $lines = false === $lines ? [] : $lines;
        $separator = Separator::of($lines);

        return self::ofRows(null === $separator ? TypedLines::cells($lines) : $separator->cells($lines, $hasHeights));
    }

    /** How many columns the widest row has. */
    public function width(): int
    {
        return max([0, ...array_map(static fn (Row $row): int => \count($row->cells), $this->rows)]);
    }

    /**
     * @return list<string> what stands in a column, empty cells left out
     */
    public function column(int $column, int $fromRow = 0): array
    {
        $cells = array_map(static fn (Row $row): string => $row->cell($column), \array_slice($this->rows, $fromRow));

        return array_values(array_filter($cells, static fn (string $cell): bool => '' !== $cell));
    }

    private static function trim(string $cell): string
    {
        return (string) preg_replace('/^[\s\p{Z}]+|[\s\p{Z}]+$/u', '', $cell);
    }
}
