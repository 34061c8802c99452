<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

/**
 * The bench sheet: what is cut today, for whom.
 */
final readonly class CutSheetView
{
    /**
     * @param list<CutListView> $lists one for each family of cable
     */
    public function __construct(
        /** Local day, like 2026-11-24: it goes on the labels. */
        public string $day,
        public float $sparePerSideM,
        public array $lists,
        /** Behind the number of coils: the rule it comes from. */
        public string $stockSource,
        /** Behind the cut lengths. */
        public string $cutSource,
    ) {
    }
}
