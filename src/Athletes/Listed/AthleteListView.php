<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Roster\Athletes\AthleteList;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\Sheet;

/**
 * A list as it was understood, before or after it came in.
 */
final readonly class AthleteListView
{
    private const SAMPLE = 3;

    private function __construct(
        /** "20 new athletes; 3 lines need a look". */
        public string $sentence,
        /** @var list<ListColumnView> */
        public array $columns,
        /** @var list<ListedAthleteView> */
        public array $athletes,
        /** @var list<LineFaultView> by line */
        public array $faults,
        /** @var list<string> names that the gym has already */
        public array $there,
    ) {
    }

    public static function of(Sheet $sheet, AthleteList $list, LengthUnit $unit): self
    {
        return new self(
            SentenceView::of($list->says(), $unit)->sentence,
            self::columns($sheet, $list),
            array_map(ListedAthleteView::of(...), $list->athletes),
            array_map(static fn (LineFault $fault): LineFaultView => LineFaultView::of($fault, $unit), $list->faults),
            $list->there,
        );
    }

    /**
     * @return list<ListColumnView>
     */
    private static function columns(Sheet $sheet, AthleteList $list): array
    {
        $first = $list->columns->firstRow;
        $heading = $first > 0 ? $sheet->rows[$first - 1]->cells : [];
        $columns = [];
        for ($column = 0; $column < $sheet->width(); ++$column) {
            $columns[] = new ListColumnView(
                $column,
                $heading[$column] ?? '',
                \array_slice($sheet->column($column, $first), 0, self::SAMPLE),
                $list->columns->meanings[$column] ?? null,
            );
        }

        return $columns;
    }
}
