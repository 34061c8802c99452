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
        $result = $job->result ?? [];
        $text = static fn (mixed $value): string => \is_string($value) ? $value : '';
        $whole = static fn (mixed $value): int => \is_int($value) ? $value : 0;

        return new self(
            $job->id->toRfc4122(),
            $job->state,
            $job->done,
            $job->total,
            array_map(
                static fn (array $count): ImportCountView => new ImportCountView(
                    $text($count['table'] ?? null),
                    $whole($count['add'] ?? null),
                    $whole($count['change'] ?? null),
                    $whole($count['same'] ?? null),
                ),
                self::records($result['counts'] ?? []),
            ),
            array_map(
                static fn (array $error): RowErrorView => new RowErrorView(
                    $text($error['where'] ?? null),
                    $text($error['field'] ?? null),
                    $text($error['value'] ?? null),
                    $text($error['accepted'] ?? null),
                    $text($error['message'] ?? null),
                ),
                self::records($result['errors'] ?? []),
            ),
            $whole($result['errorCount'] ?? null),
            array_values(
                array_filter(\is_array($result['examples'] ?? null) ? $result['examples'] : [], is_string(...)),
            ),
            isset($result['fault']) ? $text($result['fault']) : null,
            $job->version(),
        );
    }

    /**
     * @return list<array<mixed>>
     */
    private static function records(mixed $given): array
    {
        return \is_array($given) ? array_values(array_filter($given, is_array(...))) : [];
    }
}
