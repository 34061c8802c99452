<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

/**
 * What a drill needs.
 */
enum Equipment: string
{
    case Rope = 'rope';
    case Line = 'line';
    case Bar = 'bar';
    case Band = 'band';
    case Towel = 'towel';
    case Mirror = 'mirror';
    case BallOnCord = 'ball-on-cord';
    case Mat = 'mat';
    case Step = 'step';
    case Wall = 'wall';
    case Cards = 'cards';
    case Partner = 'partner';
    case LongRope = 'long-rope';

    public function text(): string
    {
        return match ($this) {
            self::BallOnCord => 'a ball on a cord',
            self::Cards => 'a deck of cards',
            self::LongRope => 'a long rope',
            default => 'a '.$this->value,
        };
    }
}
