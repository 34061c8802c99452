<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster;

/**
 * What parts the cells of a line.
 */
enum Separator: string
{
    case Tab = "\t";
    case Semicolon = ';';
    case Comma = ',';
    /** A table that is drawn. */
    case Stroke = '|';
    /** Columns made of blanks. */
    case Gap = '  ';

    /** A quote that opens and is not closed within so many lines was none. */
    private const MOST_LINES_QUOTED = 20;

    /**
     * @param list<string> $lines
     *
     * @return self|null null: most lines are of one piece
     */
    public static function of(array $lines): ?self
    {
        $written = array_filter($lines, static fn (string $line): bool => '' !== trim($line));
        $best = null;
        $most = \count($written) / 2;
        foreach (self::cases() as $one) {
            $parted = \count(array_filter($written, static fn (string $line): bool => $one->parts($line)));
            // A tab is never typed by chance, a comma may stand in a name or a number: the first that parts most wins.
            if ($parted > $most || (null === $best && $parted >= $most && $parted > 0)) {
                [$best, $most] = [$one, $parted];
            }
        }

        return $best;
    }

    /**
     * @param list<string> $lines
     *
     * @return \Generator<int, list<string>> cells by the line they begin in
     */
    public function cells(array $lines, bool $hasHeights): \Generator
    {
        return self::Gap === $this || self::Stroke === $this ? $this->plainCells($lines) : $this->quotedCells($lines, $hasHeights);
    }

    private function parts(string $line): bool
    {
        return self::Gap === $this ? 1 === preg_match('/\S {2,}\S/', $line) : str_contains($line, $this->value);
    }

    /**
     * @param list<string> $lines
     *
     * @return \Generator<int, list<string>>
     */
    private function plainCells(array $lines): \Generator
    {
        foreach ($lines as $i => $line) {
            // What parts the heading of a drawn table from its rows is no row.
            if (1 !== preg_match('/^[\s|:+=-]*$/', $line)) {
                $cells = preg_split(self::Gap === $this ? '/ {2,}/' : '/\|/', trim($line, ' |'));
                yield $i + 1 => false === $cells ? [] : $cells;
            }
        }
    }

    /**
     * @param list<string> $lines
     *
     * @return \Generator<int, list<string>>
     */
    private function quotedCells(array $lines, bool $hasHeights): \Generator
    {
        for ($i = 0, $count = \count($lines); $i < $count; ++$i) {
            $begin = $i;
            $record = $lines[$i];
            while ($this->isOpen($record) && $i + 1 < $count && $i - $begin < self::MOST_LINES_QUOTED) {
                $record .= "\n".$lines[++$i];
            }
            if ($this->isOpen($record)) {
                [$i, $record] = [$begin, $lines[$begin]];
                yield $begin + 1 => explode($this->value, $record);
                continue;
            }
            $cells = array_map(static fn (?string $cell): string => $cell ?? '', str_getcsv($record, $this->value, '"', ''));
            yield $begin + 1 => $hasHeights && self::Comma === $this ? self::rejoined($cells) : $cells;
        }
    }

    /** A cell begins with a quote that is not closed: it goes on in the next line. */
    private function isOpen(string $record): bool
    {
        $at = '(^|'.preg_quote($this->value, '/').')[ ]*"';
        $closed = (string) preg_replace('/'.$at.'(?:[^"]|"")*"(?!")/', '$1', $record);

        return 1 === preg_match('/'.$at.'/', $closed);
    }

    /**
     * A decimal comma between commas: `Ilse,1,68 m` has two cells.
     *
     * @param list<string> $cells
     *
     * @return list<string>
     */
    private static function rejoined(array $cells): array
    {
        $whole = [];
        foreach ($cells as $cell) {
            $before = array_key_last($whole);
            if (null !== $before && 1 === preg_match('/^[12]$/', trim($whole[$before])) && 1 === preg_match('/^\d{2} ?m?$/', trim($cell))) {
                $whole[$before] .= ','.$cell;
            } else {
                $whole[] = $cell;
            }
        }

        return $whole;
    }
}
