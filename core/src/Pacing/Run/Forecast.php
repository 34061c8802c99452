<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * What was said of a workout's time before it, and what it took.
 */
final readonly class Forecast
{
    public function __construct(
        public float $expectedS,
        public float $lowS,
        public float $highS,
        /** By how much its band had been widened. */
        public float $wider,
        public float $takenS,
    ) {
    }

    public function holds(): bool
    {
        return $this->takenS >= $this->lowS && $this->takenS <= $this->highS;
    }

    /** Off by so many half bands, on the side where it was off; as the band was before it was widened. */
    public function offBy(): float
    {
        $half = $this->takenS < $this->expectedS ? $this->expectedS - $this->lowS : $this->highS - $this->expectedS;

        return $half > 0.0 ? abs($this->takenS - $this->expectedS) / $half * $this->wider : 0.0;
    }
}
