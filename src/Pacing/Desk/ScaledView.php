<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Pacing\Scale\ScaledWay;
use Zumbo\Core\Pacing\Scale\Scaling;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;

/**
 * One way of scaling, for the whole workout.
 */
final readonly class ScaledView
{
    private function __construct(
        public Scaling $scaling,
        /** The workout as it then is. */
        public string $text,
        public float $expectedS,
        /** Eight times in ten between these. */
        public float $p10S,
        public float $p90S,
        public int $doubles,
        public int $singles,
        /** Missed jumps among them. */
        public int $contacts,
        /** On average. */
        public float $misses,
        /** Of its doubles in one go; null: it asks for none. */
        public ?float $chanceUnbroken,
        /** Of being done in the cap; null: there is none. */
        public ?float $chanceInCap,
        /** Within the contacts left today. */
        public bool $fitsToday,
        public bool $recommended,
    ) {
    }

    public static function of(ScaledWay $way, int $contactsLeft, bool $recommended): self
    {
        [$low, $high] = $way->timed->band();

        return new self(
            $way->scaling,
            WorkoutWriting::of($way->timed->workout),
            $way->timed->expectedS,
            $low,
            $high,
            (int) round($way->timed->doubles),
            $way->timed->singles,
            $way->timed->contacts(),
            $way->timed->misses,
            $way->chanceUnbroken(),
            $way->chanceInCap(),
            $way->timed->contacts() <= $contactsLeft,
            $recommended,
        );
    }
}
