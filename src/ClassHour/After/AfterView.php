<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

use Zumbo\App\Shared\SentenceView;

/**
 * What the class did, on one page.
 */
final readonly class AfterView
{
    /**
     * @param list<AfterRowView> $rows who logged something, by name
     * @param list<string>       $idle who was here and has nothing logged, by name
     */
    public function __construct(
        public SentenceView $title,
        /** Local day, like 2026-11-24. */
        public string $day,
        public array $rows,
        public array $idle,
        public int $entries,
        public int $contacts,
        public int $records,
        public int $gates,
        /** Who has looked it over; null: nobody yet. */
        public ?string $confirmedBy,
        public ?string $confirmedAt,
        /** The revision this was read at, for the change feed. */
        public int $revision,
    ) {
    }
}
