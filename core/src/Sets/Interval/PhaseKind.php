<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * What one does while a phase of the clock runs.
 */
enum PhaseKind: string
{
    case Work = 'work';
    case Rest = 'rest';
}
