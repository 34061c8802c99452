<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Cable\CableFit;

/**
 * What is known of how a rope's weight suits its athlete.
 */
enum RopeWeight: string
{
    case Unchecked = 'unchecked';
    case Fine = 'fine';
    case TooLight = 'too-light';
    case TooHeavy = 'too-heavy';

    public static function ofCable(CableFit $fit): self
    {
        return match ($fit) {
            CableFit::Unknown => self::Unchecked,
            CableFit::Right => self::Fine,
            CableFit::TooLight => self::TooLight,
            CableFit::TooHeavy => self::TooHeavy,
        };
    }
}
