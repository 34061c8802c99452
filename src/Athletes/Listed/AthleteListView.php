<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Sheet\LineFaultView;
use Zumbo\App\Shared\Sheet\ListColumnView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Roster\Athletes\AthleteList;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\Sheet;

/**
 * A list as it was understood, before or after it came in.
 */
final readonly class AthleteListView
{
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
            ListColumnView::all($sheet, $list->columns->firstRow, $list->columns->meanings),
            array_map(ListedAthleteView::of(...), $list->athletes),
            array_map(static fn (LineFault $fault): LineFaultView => LineFaultView::of($fault, $unit), $list->faults),
            $list->there,
        );
    }
}
