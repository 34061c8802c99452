<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * Where a coach looks or listens for a sign.
 */
enum Place: string
{
    case Hands = 'hands';
    case Feet = 'feet';
    case Legs = 'legs';
    case Trunk = 'trunk';
    case Head = 'head';
    case Rope = 'rope';
    case Sound = 'sound';
    case Beat = 'beat';
    case Feeling = 'feeling';
}
