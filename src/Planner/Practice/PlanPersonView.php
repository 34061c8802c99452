<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\App\Shared\SentenceView;

/**
 * What a plan holds for one athlete: how much, and what gives.
 */
final readonly class PlanPersonView
{
    /**
     * @param list<SentenceView> $notes
     */
    public function __construct(
        public string $id,
        public string $firstName,
        /** At most. */
        public int $contacts,
        public int $contactsLeft,
        public array $notes,
        public ?SentenceView $stopAt,
    ) {
    }
}
