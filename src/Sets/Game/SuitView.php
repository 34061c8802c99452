<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Game\Suit;

/**
 * What a suit jumps, and how often in this pack.
 */
final readonly class SuitView
{
    private function __construct(public Suit $suit, public string $notation, public string $style, public int $reps)
    {
    }

    public static function of(Suit $suit, Pattern $style, int $reps): self
    {
        return new self($suit, $style->notation(), $style->text(), $reps);
    }
}
