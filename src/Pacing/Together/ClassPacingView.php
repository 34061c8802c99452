<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Zumbo\App\Pacing\Workout\WorkoutView;

/**
 * A workout for the class, who is likeliest to get stuck first.
 */
final readonly class ClassPacingView
{
    /**
     * @param list<ClassRowView> $rows
     */
    public function __construct(
        public WorkoutView $workout,
        public array $rows,
        /** Doubles changed in all so that all end together; null: nobody is levelled. */
        public ?int $change,
        /** From the first to the last, on average. */
        public ?float $spreadS,
        /** That all end within what was asked. */
        public ?float $chanceTogether,
    ) {
    }
}
