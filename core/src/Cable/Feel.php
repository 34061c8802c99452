<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

/**
 * How much of a turning cable comes through to the hand, at a learner's 120 turns a minute.
 *
 * The steps lie between the pulls of a bare 1.2 mm wire (about 0.6 N), a coated 2.5 mm cable (about 1.3 N) and a solid
 * 5 mm cord (about 2.8 N, what a learner needs); common practice, the numbers computed.
 */
enum Feel: string
{
    case Faint = 'faint';
    case Light = 'light';
    case Clear = 'clear';
    case Strong = 'strong';

    public static function ofPull(float $newtons): self
    {
        return match (true) {
            $newtons < 0.95 => self::Faint,
            $newtons < 1.6 => self::Light,
            $newtons < 5.0 => self::Clear,
            default => self::Strong,
        };
    }

    /** 1 to 4, for a scale. */
    public function step(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }
}
