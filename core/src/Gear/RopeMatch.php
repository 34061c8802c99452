<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Stage\Stage;

/**
 * What it costs to give somebody a rope, in metres of a wrong length; null: not this rope.
 *
 * Too short costs three times too long; more than 4 cm too short or 12 cm too long is refused; a cable that the stage
 * must not have is refused; the rope of last time is preferred (common practice, the numbers our assumption).
 */
final class RopeMatch
{
    public const MOST_SHORT_M = 0.04;
    public const MOST_LONG_M = 0.12;
    public const SHORT_COSTS = 3.0;

    /** The same rope as last time may be so much worse. */
    private const SAME_AS_LAST_M = 0.02;

    private const ROUNDING_M = 1e-9;

    /** A length alone. */
    public static function lengthCost(float $idealM, float $ropeM): ?float
    {
        $over = $ropeM - $idealM;
        if ($over < -self::MOST_SHORT_M - self::ROUNDING_M || $over > self::MOST_LONG_M + self::ROUNDING_M) {
            return null;
        }

        return $over >= 0 ? $over : -self::SHORT_COSTS * $over;
    }

    /**
     * @param CableFamily|null $family null: not known, taken as fit for everybody
     * @param bool             $last   whether they had it last time
     */
    public static function cost(float $idealM, Stage $stage, float $ropeM, ?CableFamily $family, bool $last): ?float
    {
        $cost = self::lengthCost($idealM, $ropeM);
        if (null === $cost || (null !== $family && !CableNeeds::mayHave($stage, $family))) {
            return null;
        }

        return $last ? $cost - self::SAME_AS_LAST_M : $cost;
    }
}
