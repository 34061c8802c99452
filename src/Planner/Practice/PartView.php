<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\Core\Plan\Practice\Slot;

/**
 * A part of the practice that everybody goes through at one time, and who does what in it.
 */
final readonly class PartView
{
    /**
     * @param list<PlanGroupView> $groups the largest first
     */
    public function __construct(
        public Slot $part,
        public string $title,
        public int $seconds,
        /** The coach made it so long. */
        public bool $set,
        public array $groups,
    ) {
    }
}
