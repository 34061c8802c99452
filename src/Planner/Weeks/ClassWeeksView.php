<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Zumbo\App\Shared\SentenceView;

/**
 * The next four weeks of everybody.
 */
final readonly class ClassWeeksView
{
    /**
     * @param list<WeeksRowView> $rows by name
     */
    public function __construct(
        public SentenceView $title,
        /** The Monday of the first week, YYYY-MM-DD. */
        public string $from,
        public array $rows,
        public int $revision,
    ) {
    }
}
