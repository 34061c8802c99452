<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * What a coach says of one go under a cue, by one touch.
 */
enum CueOutcome: string
{
    case Better = 'better';
    case Same = 'same';
    case Worse = 'worse';
}
