<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;

/**
 * How the athlete stands on the middle of the rope while it is measured.
 */
enum Stance: string
{
    case OneFoot = 'one-foot';
    case TwoFeet = 'two-feet';
    /** Pinned under one arch, the sides going up in a V. */
    case Pinned = 'pinned';

    /** The rope that lies under the feet (common practice, no published source). */
    public function ropeUnderFeet(): Length
    {
        return Length::ofMetres(
            match ($this) {
                self::OneFoot => 0.09,
                self::TwoFeet => 0.19,
                self::Pinned => 0.0,
            },
        );
    }
}
