<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Card;

use Zumbo\App\Entity\Health\StatedBy;

/**
 * Whose hands an athlete's card is in.
 */
enum CardHolder: string
{
    case Athlete = 'athlete';
    /** Of an athlete under 18. */
    case Guardian = 'guardian';

    /** Whose statement it is that is made on such a card. */
    public function states(): StatedBy
    {
        return match ($this) {
            self::Athlete => StatedBy::Athlete,
            self::Guardian => StatedBy::Guardian,
        };
    }
}
