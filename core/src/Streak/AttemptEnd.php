<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

/**
 * How an unbroken go ended. Only a miss says that the next rep failed; the others say it might have gone on.
 */
enum AttemptEnd: string
{
    case Miss = 'miss';
    case Stopped = 'stopped';
    case Time = 'time';
}
