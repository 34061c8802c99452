<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * How high a double is jumped on purpose.
 */
enum JumpHeight: string
{
    /** The lowest that clears the rope. */
    case Lowest = 'lowest';
    /** As performers do: high, with lifted knees. */
    case High = 'high';
}
