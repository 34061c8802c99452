<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Zumbo\Core\Pacing\ScaledWork;
use Zumbo\Core\Pacing\Scaling;

/**
 * One way of scaling, for the whole workout.
 */
final readonly class ScaledView
{
    private function __construct(
        public Scaling $scaling,
        public float $expectedS,
        public int $doubles,
        public int $singles,
        /** Missed jumps among them. */
        public int $contacts,
        /** On average. */
        public float $misses,
        /** Of its doubles in one go a round; null: it asks for none. */
        public ?float $chanceUnbroken,
        /** Eight times in ten between these. */
        public float $p10S,
        public float $p90S,
        public bool $recommended,
    ) {
    }

    public static function of(ScaledWork $way, bool $recommended): self
    {
        [$low, $high] = $way->band();

        return new self(
            $way->scaling,
            $way->expectedS,
            $way->doubles,
            $way->singles,
            $way->contacts(),
            $way->misses,
            $way->chanceUnbroken,
            $low,
            $high,
            $recommended,
        );
    }
}
