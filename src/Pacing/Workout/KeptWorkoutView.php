<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Workout;

use Zumbo\App\Entity\Plan\OwnWorkout;

final readonly class KeptWorkoutView
{
    private function __construct(
        /** Null: it ships with the app. */
        public ?string $id,
        public string $name,
        /** Canonical. */
        public string $text,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(OwnWorkout $workout): self
    {
        return new self(
            $workout->id()->toRfc4122(),
            $workout->name(),
            $workout->text(),
            $workout->isRemoved(),
            $workout->version(),
        );
    }

    public static function shipped(string $name, string $text): self
    {
        return new self(null, $name, $text, false, 0);
    }
}
