<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Path;

/**
 * What a coach did to a gate.
 */
enum GateDeed: string
{
    /** Asks something else. */
    case Set = 'set';
    /** Does not ask it. */
    case Waived = 'waived';
    /** Asks what is usual again. */
    case Usual = 'usual';
}
