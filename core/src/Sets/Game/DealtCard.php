<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Rhythm\Pattern;

/**
 * One card as it is turned over: what it asks for.
 */
final readonly class DealtCard
{
    public function __construct(
        /** From 2 to 10, or jack, queen, king, ace, joker. */
        public string $rank,
        /** What is jumped; a joker's is the one of the card before it. */
        public Suit $suit,
        /** How many reps; 0 for a joker that doubles the next card. */
        public int $reps,
        /** How often jokers before it doubled it: 1, 2, 4. */
        public int $factor,
        /** One rep. */
        public Pattern $style,
    ) {
    }

    public function jumps(): int
    {
        return $this->reps * $this->style->jumps();
    }

    public function turns(): int
    {
        return $this->reps * $this->style->turns();
    }

    public function contacts(): int
    {
        return $this->reps * $this->style->contacts();
    }
}
