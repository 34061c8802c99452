<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\OutOfRange;

/**
 * The beat of a take as it is kept with what was logged of it.
 */
final readonly class HeardBeat
{
    /** Jumps a minute that a take may have had: wider than what a beat is given for, somebody may have been slower. */
    public const LEAST = 20;
    public const MOST = 400;

    /** So uneven that nothing is a beat any more. */
    public const MOST_VARIATION = 2;

    /**
     * @param float $cadence   jumps a minute
     * @param float $variation from jump to jump, as a share of the interval
     *
     * @throws OutOfRange when no take has such a beat
     */
    public function __construct(public float $cadence, public float $variation)
    {
        if (!($cadence >= self::LEAST && $cadence <= self::MOST)) {
            throw OutOfRange::of('cadence', (string) $cadence, \sprintf('from %d to %d jumps a minute', self::LEAST, self::MOST));
        }
        if (!($variation >= 0 && $variation <= self::MOST_VARIATION)) {
            throw OutOfRange::of('variation', (string) $variation, \sprintf('from 0 to %d', self::MOST_VARIATION));
        }
    }
}
