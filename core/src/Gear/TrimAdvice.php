<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

/**
 * What to do after a trim.
 */
enum TrimAdvice: string
{
    /** Misses became fewer, or have surely not become more: stay, and go on to the next step when its gate is met. */
    case Keep = 'keep';
    /** Nothing has been logged with it, or almost nothing. */
    case Wait = 'wait';
    /** Misses became more: back to the length before. */
    case LetOut = 'let-out';
    /** The usual answer after a week. */
    case CannotTell = 'cannot-tell';
}
