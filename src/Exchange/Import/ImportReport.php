<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Zumbo\App\Exchange\Compare\ImportPlan;
use Zumbo\App\Exchange\Rule\RowError;

/**
 * What an import would do or has done, as its job keeps it.
 */
final readonly class ImportReport
{
    /**
     * @param list<ImportCountView> $counts
     * @param list<RowErrorView>    $errors   the first of them
     * @param list<string>          $examples
     */
    public function __construct(
        public array $counts = [],
        public array $errors = [],
        public int $errorCount = 0,
        public array $examples = [],
    ) {
    }

    public static function of(ImportPlan $plan): self
    {
        return new self(
            array_map(ImportCountView::of(...), array_keys($plan->counts), $plan->counts),
            array_map(RowErrorView::of(...), $plan->errors),
            $plan->errorCount,
            $plan->examples,
        );
    }

    public static function unreadable(RowError $error): self
    {
        return new self(errors: [RowErrorView::of($error)], errorCount: 1);
    }
}
