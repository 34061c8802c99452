<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * One jump of a pattern, with its letter in the notation and how often the rope passes.
 */
enum JumpKind: string
{
    case Single = 's';
    case TallSingle = 'S';
    case QuickSingle = 'q';
    case Double = 'd';
    case Triple = 't';

    public function passes(): int
    {
        return match ($this) {
            self::Double => 2,
            self::Triple => 3,
            default => 1,
        };
    }

    /** How long it takes beside a plain jump (our assumption: a tall single 15 % longer, a quick one 15 % shorter). */
    public function beats(): float
    {
        return match ($this) {
            self::TallSingle => 1.15,
            self::QuickSingle => 0.85,
            default => 1.0,
        };
    }

    public function name(int $count): string
    {
        $one = match ($this) {
            self::Single => 'single',
            self::TallSingle => 'tall single',
            self::QuickSingle => 'quick single',
            self::Double => 'double',
            self::Triple => 'triple',
        };

        return \sprintf('%d %s%s', $count, $one, 1 === $count ? '' : 's');
    }
}
