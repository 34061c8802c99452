<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Measure\Verdict;

/**
 * One week: its days, and what it may hold at most.
 */
final readonly class PlannedWeek
{
    /**
     * @param list<PlannedSession> $sessions by day
     */
    public function __construct(
        public int $contactsMost,
        public bool $isEasier,
        public Verdict $why,
        public array $sessions,
    ) {
    }

    public function contacts(): int
    {
        return array_sum(array_map(static fn (PlannedSession $one): int => $one->contacts, $this->sessions));
    }
}
