<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * What an athlete's rope is, compared with their goal.
 */
enum RopeState: string
{
    case Right = 'right';
    /** Longer than the goal, as one starts who trims: right for now. */
    case OnItsWay = 'on-its-way';
    case TooShort = 'too-short';
    case TooLong = 'too-long';
    /** Too short since the athlete grew. */
    case Outgrown = 'outgrown';
    /** Failed its inspection, whatever its length. */
    case NotSound = 'not-sound';
    /** There is none, or its handles or its stance are not known. */
    case Unknown = 'unknown';
}
