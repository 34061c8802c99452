<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Streak\Hazard;

/**
 * How somebody climbs: chances of a miss, seconds for a jump, a break and a miss.
 */
final readonly class LadderPace
{
    public function __construct(
        public Hazard $singles,
        public Hazard $doubles,
        public float $secondsPerSingle,
        public float $secondsPerDouble,
        public float $breakS,
        public float $missS,
    ) {
    }

    public function outlook(Ladder $ladder, MissRule $rule = MissRule::Repeat): LadderOutlook
    {
        return LadderOutlook::of(
            $ladder,
            $this->singles,
            $this->doubles,
            $this->secondsPerSingle,
            $this->secondsPerDouble,
            $this->breakS,
            $this->missS,
            $rule,
        );
    }
}
