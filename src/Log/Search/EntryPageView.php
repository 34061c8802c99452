<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

/**
 * A page of the log.
 */
final readonly class EntryPageView
{
    /**
     * @param list<FoundEntryView>       $entries the newest first
     * @param list<WorkedFaultView>|null $faults  that entries can be looked for by; null: told with the first page
     */
    public function __construct(
        public array $entries,
        /** What to ask for with `after`, for what came before these; null: nothing did. */
        public ?string $next,
        /** Of all that is looked for; null: told with the first page. */
        public ?EntryTotalsView $totals,
        public ?array $faults,
    ) {
    }
}
