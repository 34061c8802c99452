<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * What a gate says of an athlete.
 */
enum GateVerdict: string
{
    case Open = 'open';
    case Nearly = 'nearly';
    case NotYet = 'not-yet';
    /** The gate before no longer holds. */
    case StepBack = 'step-back';
}
