<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutForm;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;

/**
 * A workout as it was read.
 */
final readonly class WorkoutView
{
    /**
     * @param list<list<WorkoutStationView>> $rounds
     */
    private function __construct(
        /** Canonical. */
        public string $text,
        public WorkoutForm $form,
        public array $rounds,
        /** Of all rounds; of as many as fit: of one. */
        public int $doubles,
        /** Of all, or of a round; 0: none. */
        public int $windowS,
        public int $betweenS,
        public ?int $capS,
    ) {
    }

    public static function of(Workout $workout): self
    {
        return new self(
            WorkoutWriting::of($workout),
            $workout->form,
            array_map(
                static fn (array $stations): array => array_map(WorkoutStationView::of(...), $stations),
                $workout->rounds(),
            ),
            $workout->doubles(),
            $workout->windowS,
            $workout->betweenS,
            $workout->capS,
        );
    }
}
