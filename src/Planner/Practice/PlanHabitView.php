<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Plan\Practice\Slot;

/**
 * A part that the coach makes longer or shorter again and again.
 */
final readonly class PlanHabitView
{
    public function __construct(
        public Slot $part,
        public SentenceView $said,
        /** How long it would be tonight. */
        public int $seconds,
    ) {
    }
}
