<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Zumbo\App\Shared\SentenceView;

/**
 * The bench sheet: what is cut today, for whom.
 */
final readonly class CutSheetView
{
    /**
     * @param list<CutListView> $lists          one for each family of cable
     * @param list<string>      $handlesUnknown whose cable stays open until somebody asks for their handles
     */
    public function __construct(
        /** Local day, like 2026-11-24: it goes on the labels. */
        public string $day,
        /** Of which lengths, as it is typed: "30 m, 3.05 m x 4". */
        public string $stock,
        public float $sparePerSideM,
        public float $kerfM,
        public array $lists,
        public array $handlesUnknown,
        /** What to heed before cutting. */
        public SentenceView $advice,
        /** Behind the number of coils: the rule it comes from. */
        public string $stockSource,
        /** Behind the cut lengths. */
        public string $cutSource,
    ) {
    }
}
