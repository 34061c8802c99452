<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Health;

/**
 * Whose statement it is that a professional cleared somebody.
 */
enum StatedBy: string
{
    case Athlete = 'athlete';
    /** Of an athlete under 18. */
    case Guardian = 'guardian';
}
