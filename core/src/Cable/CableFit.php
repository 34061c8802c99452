<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

/**
 * Whether a cable suits a stage.
 */
enum CableFit: string
{
    case Right = 'right';
    case TooLight = 'too-light';
    case TooHeavy = 'too-heavy';
    /** Nobody said which cable it is. */
    case Unknown = 'unknown';
}
