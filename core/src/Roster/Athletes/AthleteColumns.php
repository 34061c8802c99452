<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Athletes;

use Zumbo\Core\Roster\Sheet;

/**
 * Which column holds what, and where the heading ends: guessed from its words, else from what stands below.
 */
final readonly class AthleteColumns
{
    /** A heading stands among the first rows, below a title perhaps. */
    private const HEADING_WITHIN = 5;

    /** So many of a column's cells have to be what it is taken for. */
    private const MOST = 0.5;

    /**
     * @param int                       $firstRow of the sheet's rows that is no heading
     * @param array<int, AthleteColumn> $meanings by column
     */
    private function __construct(public int $firstRow, public array $meanings, private ?string $heightUnit)
    {
    }

    public static function guess(Sheet $sheet): self
    {
        $heading = self::headingRow($sheet);
        $first = null === $heading ? 0 : $heading + 1;
        $meanings = [];
        $cells = null === $heading ? [] : $sheet->rows[$heading]->cells;
        foreach ($cells as $column => $cell) {
            $meaning = AthleteColumn::ofHeading($cell);
            if (AthleteColumn::Height === $meaning && \in_array($meaning, $meanings, true) && 'in' === HeightCell::unitIn($cell)) {
                $meaning = AthleteColumn::Inches;
            }
            $free = null !== $meaning && !\in_array($meaning, $meanings, true);
            if ($free && self::suits($meaning, $sheet->column($column, $first))) {
                $meanings[$column] = $meaning;
            }
        }
        $meanings = self::withHeight($sheet, $first, $meanings);
        $meanings = self::withName($sheet, $first, $meanings);
        ksort($meanings);
        $height = array_search(AthleteColumn::Height, $meanings, true);

        return new self($first, $meanings, false === $height ? null : HeightCell::unitIn($cells[$height] ?? ''));
    }

    /** @param array<int, AthleteColumn> $meanings as somebody has mended them */
    public function with(array $meanings): self
    {
        return new self($this->firstRow, $meanings, $this->heightUnit);
    }

    /** @return int|null null: there is none */
    public function of(AthleteColumn $meaning): ?int
    {
        $found = array_search($meaning, $this->meanings, true);

        return false === $found ? null : $found;
    }

    /** In which unit bare numbers are, as the heading says; null: it does not. */
    public function heightUnit(): ?string
    {
        return $this->heightUnit;
    }

    private static function headingRow(Sheet $sheet): ?int
    {
        foreach (\array_slice($sheet->rows, 0, self::HEADING_WITHIN) as $i => $row) {
            if ([] !== array_filter($row->cells, HeightCell::isOne(...))) {
                // It has begun: what comes now is no heading, whatever its words.
                return null;
            }
            if ([] !== array_filter($row->cells, static fn (string $cell): bool => null !== AthleteColumn::ofHeading($cell))) {
                return $i;
            }
        }

        return null;
    }

    /** @param list<string> $cells */
    private static function suits(AthleteColumn $meaning, array $cells): bool
    {
        $known = static fn (string $cell): bool => null !== Words::experience($cell);

        return AthleteColumn::Experience !== $meaning || self::share($cells, $known) > self::MOST;
    }

    /**
     * @param array<int, AthleteColumn> $meanings
     *
     * @return array<int, AthleteColumn>
     */
    private static function withHeight(Sheet $sheet, int $first, array $meanings): array
    {
        $best = self::MOST;
        $found = null;
        for ($column = 0; $column < $sheet->width() && !\in_array(AthleteColumn::Height, $meanings, true); ++$column) {
            $share = isset($meanings[$column]) ? 0.0 : self::likeness($sheet->column($column, $first));
            if ($share > $best) {
                [$best, $found] = [$share, $column];
            }
        }

        return null === $found ? $meanings : $meanings + [$found => AthleteColumn::Height];
    }

    /**
     * @param array<int, AthleteColumn> $meanings
     *
     * @return array<int, AthleteColumn>
     */
    private static function withName(Sheet $sheet, int $first, array $meanings): array
    {
        if ([] !== array_intersect(array_column($meanings, 'value'), ['name', 'first-name', 'last-name'])) {
            return $meanings;
        }
        $names = array_values(array_filter(
            range(0, max(0, $sheet->width() - 1)),
            static fn (int $column): bool => !isset($meanings[$column])
                && self::share($sheet->column($column, $first), Words::looksLikeAName(...)) > self::MOST,
        ));
        [$one, $other] = [$names[0] ?? null, $names[1] ?? null];
        $single = static fn (int $column): bool => self::share(
            $sheet->column($column, $first),
            static fn (string $cell): bool => !str_contains($cell, ' '),
        ) > self::MOST;

        return match (true) {
            null === $one => $meanings,
            $other === $one + 1 && $single($one) && $single($other) => $meanings
                + [$one => AthleteColumn::FirstName, $other => AthleteColumn::LastName],
            default => $meanings + [$one => AthleteColumn::Name],
        };
    }

    /** @param list<string> $cells */
    private static function likeness(array $cells): float
    {
        return [] === $cells ? 0.0 : array_sum(array_map(HeightCell::likeness(...), $cells)) / \count($cells);
    }

    /**
     * @param list<string>           $cells
     * @param callable(string): bool $is
     */
    private static function share(array $cells, callable $is): float
    {
        return [] === $cells ? 0.0 : \count(array_filter($cells, $is)) / \count($cells);
    }
}
