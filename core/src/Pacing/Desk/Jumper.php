<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Streak\Hazard;

/**
 * An athlete as a workout meets them.
 */
final readonly class Jumper
{
    /** Doubles and singles a second while jumping (our assumption). */
    public const DOUBLES_PER_S = 1.77;
    public const SINGLES_PER_S = 2.2;

    /** What a miss and a break cost until an athlete's own splits say it (common practice, no published source). */
    public const MISS_COST_S = 10.0;
    public const BREAK_COST_S = 4.0;

    /** Each round raises the chance of a miss by so much (our assumption). */
    public const FATIGUE_PER_ROUND = 0.05;

    public function __construct(
        public Hazard $hazard,
        public float $doublesPerS,
        public float $missCostS,
        public float $breakCostS,
        /** Each round raises the chance of a miss by so much. */
        public float $fatiguePerRound = self::FATIGUE_PER_ROUND,
        /** Null: the chance is known, as in a worked example. */
        public ?HazardDoubt $doubt = null,
        public float $singlesPerS = self::SINGLES_PER_S,
        /** Null: as is usual for whoever jumps doubles. */
        private ?Hazard $singles = null,
        /** Bands are so much wider than computed: forecasts held too seldom. */
        public float $wider = 1.0,
    ) {
    }

    public function singles(): Hazard
    {
        return $this->singles ?? Hazard::usualSingles();
    }

    /** One double at a time, each miss and its cost with it. */
    public function secondsPerTry(): float
    {
        [$q] = $this->hazard->first(1);

        return 1 / $this->doublesPerS + ($q / (1 - $q)) * $this->missCostS;
    }
}
