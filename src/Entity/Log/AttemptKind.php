<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\Core\Drill\Measure;

/**
 * What was logged: a single unbroken go, tries, a timed hold, or only the sums of a set.
 */
enum AttemptKind: string
{
    case Streak = 'streak';
    case Tries = 'tries';
    case Hold = 'hold';
    case Sum = 'sum';

    public function measure(): Measure
    {
        return match ($this) {
            self::Streak, self::Sum => Measure::Streak,
            self::Tries => Measure::Tries,
            self::Hold => Measure::Hold,
        };
    }
}
