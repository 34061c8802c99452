<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\SentenceView;

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
        /** How likely that athlete makes it without a miss; null: nobody was named, or nobody jumps. */
        public ?SentenceView $chance,
    ) {
    }
}
