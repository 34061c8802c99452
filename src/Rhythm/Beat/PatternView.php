<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Zumbo\App\Shared\BeatView;

/**
 * A pattern read, counted and put in time.
 */
final readonly class PatternView
{
    /**
     * @param list<BeatView> $beats
     */
    public function __construct(
        /** As it prints: equal patterns print alike. */
        public string $notation,
        public string $text,
        public int $jumps,
        public int $turns,
        public float $cadencePerMin,
        public array $beats,
    ) {
    }
}
