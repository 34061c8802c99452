<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * How the rope comes round in twenty seconds of singles, as one sees it without counting.
 */
enum RopeComesRound: string
{
    case NotYet = 'not-yet';
    /** Two landings for each turn. */
    case Bouncing = 'bouncing';
    case Quiet = 'quiet';
}
