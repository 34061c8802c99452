<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

/**
 * What was done to a row.
 */
enum TrailDeed: string
{
    case Made = 'made';
    case Changed = 'changed';
    /** It can be brought back. */
    case Removed = 'removed';
    case BroughtBack = 'back';
    /** For good. */
    case Deleted = 'deleted';
    /** A file was brought in. */
    case BroughtIn = 'in';
}
