<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * The one thing to do about a rope.
 */
enum RopeAction: string
{
    case Keep = 'keep';
    case Trim = 'trim';
    case LetOut = 'let-out';
    /** What it was sized by no longer holds, or never did. */
    case SizeAnew = 'size-anew';
    /** A cable, or a whole rope. */
    case Buy = 'buy';
    case AskStance = 'ask-stance';
    case AskHandles = 'ask-handles';
}
