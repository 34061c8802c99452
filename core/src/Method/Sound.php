<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * What is heard while one jumps.
 */
enum Sound: string
{
    /** A click or a steady song. */
    case Beat = 'beat';
    /** The rope alone. */
    case Silence = 'silence';
}
