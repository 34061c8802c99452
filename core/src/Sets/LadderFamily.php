<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

/**
 * The shapes of a ladder.
 */
enum LadderFamily: string
{
    /** 1, 2, … n. */
    case Rising = 'rising';
    /** 1, 2, … n, … 2, 1. */
    case Pyramid = 'pyramid';
    /** n singles and one double, n−1 singles and one double, … */
    case FallingSingles = 'falling-singles';
    /** the same singles before 1, 2, … n doubles. */
    case FixedSingles = 'fixed-singles';
}
