<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * How the misses of an athlete change over practices.
 */
enum Change: string
{
    case Better = 'better';
    case Worse = 'worse';
    /** No fewer for a while: something else is to be tried. */
    case Plateau = 'plateau';
    case CannotTell = 'cannot-tell';
}
