<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;

/**
 * One of the ways in which schools ask for the same stage.
 */
enum GateChoice: string
{
    case Usual = 'usual';
    /** Two hundred singles in good posture. */
    case TwoHundred = 'two-hundred';
    /** A minute of singles without a miss. */
    case Minute = 'minute';
    /** The half-way mark of linked doubles. */
    case Ten = 'ten';

    /** The gate it makes of the usual one of a stage. */
    public function of(Gate $usual): Gate
    {
        return match ($this) {
            self::Usual => $usual,
            self::TwoHundred => new Gate(CountKind::Streak, 200, quality: 'good posture to the end', rule: $usual->rule),
            self::Minute => new Gate(CountKind::Hold, 60, quality: $usual->quality, rule: $usual->rule),
            self::Ten => $usual->asking(10),
        };
    }
}
