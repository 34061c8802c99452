<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * How the arms are held.
 */
enum Arms: string
{
    /** Elbow near a right angle, forearms out at the height of the hips. */
    case Bent = 'bent';
    /** Long and relaxed, hands low at the thighs. */
    case Long = 'long';
}
