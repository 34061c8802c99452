<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Zumbo\Core\Sets\Game\DealtCard;
use Zumbo\Core\Sets\Game\Suit;

/**
 * One card as it is turned over.
 */
final readonly class CardView
{
    private function __construct(
        /** From 2 to 10, or jack, queen, king, ace, joker. */
        public string $rank,
        public Suit $suit,
        public int $reps,
        /** How often jokers before it doubled it: 1, 2, 4. */
        public int $factor,
        /** One rep as one reads it. */
        public string $style,
    ) {
    }

    public static function of(DealtCard $card): self
    {
        return new self($card->rank, $card->suit, $card->reps, $card->factor, $card->style->text());
    }
}
