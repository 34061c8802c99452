<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

/**
 * A paced workout: what was said before it, and what it took.
 */
final readonly class StoryForecastView
{
    public function __construct(
        public string $day,
        public string $workout,
        public float $expectedS,
        public float $lowS,
        public float $highS,
        public float $tookS,
        public bool $held,
    ) {
    }
}
