<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

/**
 * The suits of a pack of cards; each is a style of jumping.
 */
enum Suit: string
{
    case Spades = 'spades';
    case Hearts = 'hearts';
    case Diamonds = 'diamonds';
    case Clubs = 'clubs';
}
