<?php

declare(strict_types=1);

namespace Zumbo\Core\Allowance;

/**
 * How much of it an athlete may do today.
 */
enum Jumping: string
{
    case All = 'all';
    /** Work without jumping only. */
    case NoJump = 'no-jump';
    case Nothing = 'nothing';
}
