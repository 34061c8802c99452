<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\Core\Drill\CountKind;

/**
 * What was logged: a single unbroken go, tries, a timed hold, or only the sums of a set.
 */
enum AttemptKind: string
{
    case Streak = 'streak';
    case Tries = 'tries';
    case Hold = 'hold';
    case Sum = 'sum';

    public function countKind(): CountKind
    {
        return match ($this) {
            self::Streak, self::Sum => CountKind::Streak,
            self::Tries => CountKind::Tries,
            self::Hold => CountKind::Hold,
        };
    }
}
