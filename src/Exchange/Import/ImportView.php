<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobState;

/**
 * An import: how far it is, what it would do or has done, and what can't be taken.
 */
final readonly class ImportView
{
    /**
     * @param list<ImportCountView> $counts
     * @param list<RowErrorView>    $errors   the first of them
     * @param list<string>          $examples
     */
    private function __construct(
        public string $id,
        public JobState $state,
        /** Rows read or written so far, of so many; 0 of 0 before it begins. */
        public int $done,
        public int $total,
        public array $counts,
        public array $errors,
        public int $errorCount,
        /** The first rows that are new or change, as one reads them. */
        public array $examples,
        /** Why nothing came of it, when no row is to blame. */
        public ?string $fault,
        public int $version,
    ) {
    }

    public static function of(Job $job): self
    {
        $report = $job->result(ImportReport::class) ?? new ImportReport();

        return new self(
            $job->id->toRfc4122(),
            $job->state,
            $job->done,
            $job->total,
            $report->counts,
            $report->errors,
            $report->errorCount,
            $report->examples,
            $job->fault,
            $job->version(),
        );
    }
}
