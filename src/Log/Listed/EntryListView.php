<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Sheet\LineFaultView;
use Zumbo\App\Shared\Sheet\ListColumnView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Roster\Entries\EntryList;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\Sheet;

/**
 * A log out of a spreadsheet as it was understood, before or after it came in.
 */
final readonly class EntryListView
{
    private function __construct(
        /** "38 new entries; 3 lines need a look". */
        public string $sentence,
        /** @var list<ListColumnView> */
        public array $columns,
        /** @var list<ListedEntryView> */
        public array $entries,
        /** @var list<LineFaultView> by line */
        public array $faults,
        /** Entries that the log has already. */
        public int $there,
        /** Nothing in the list shows whether the day or the month comes first. */
        public bool $dayOrderAsked,
        /** False: each line is one go, up to the miss. */
        public bool $hasMisses,
        /** @var list<CountedDrillView> what it can be of */
        public array $drills,
    ) {
    }

    public static function of(Sheet $sheet, EntryList $list, LengthUnit $unit, Ways $ways): self
    {
        return new self(
            SentenceView::of($list->says(), $unit)->sentence,
            ListColumnView::all($sheet, $list->columns->firstRow, $list->columns->meanings),
            array_map(ListedEntryView::of(...), $list->entries),
            array_map(static fn (LineFault $fault): LineFaultView => LineFaultView::of($fault, $unit), $list->faults),
            $list->there,
            $list->dayOrderAsked,
            $list->hasMisses(),
            CountedDrillView::all($ways),
        );
    }
}
