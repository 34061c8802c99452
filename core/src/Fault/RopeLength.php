<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Today\RopeState;

/**
 * What is known of the length of a rope.
 */
enum RopeLength: string
{
    case Unchecked = 'unchecked';
    case Right = 'right';
    case TooLong = 'too-long';
    case TooShort = 'too-short';

    public static function ofState(RopeState $state): self
    {
        return match ($state) {
            RopeState::Right, RopeState::OnItsWay => self::Right,
            RopeState::TooLong => self::TooLong,
            RopeState::TooShort, RopeState::Outgrown => self::TooShort,
            RopeState::NotSound, RopeState::Unknown => self::Unchecked,
        };
    }
}
