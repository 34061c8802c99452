<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Sheet;

use Zumbo\Core\Roster\Sheet;

/**
 * A column of the list: what stands in it, and what it is taken for.
 */
final readonly class ListColumnView
{
    private const SAMPLE = 3;

    private function __construct(
        /** From 0. */
        public int $column,
        public string $heading,
        /** @var list<string> the first cells below */
        public array $sample,
        /** A code of what such lists hold; null: it is not read. */
        public ?string $meaning,
    ) {
    }

    /**
     * @param int                     $firstRow of the sheet's rows that is no heading
     * @param array<int, \BackedEnum> $meanings by column
     *
     * @return list<self>
     */
    public static function all(Sheet $sheet, int $firstRow, array $meanings): array
    {
        $heading = $firstRow > 0 ? $sheet->rows[$firstRow - 1]->cells : [];
        $columns = [];
        for ($column = 0; $column < $sheet->width(); ++$column) {
            $meaning = $meanings[$column] ?? null;
            $columns[] = new self(
                $column,
                $heading[$column] ?? '',
                \array_slice($sheet->column($column, $firstRow), 0, self::SAMPLE),
                null === $meaning ? null : (string) $meaning->value,
            );
        }

        return $columns;
    }
}
