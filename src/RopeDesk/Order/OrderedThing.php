<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Order;

/**
 * What is ordered.
 */
enum OrderedThing: string
{
    /** A whole rope, for whoever has none. */
    case Rope = 'rope';
    /** A cable for handles that are there. */
    case Cable = 'cable';
    /** A pair of handles for a cable that is there. */
    case Handles = 'handles';
    /** A rope for the rack. */
    case SharedRope = 'shared-rope';
}
