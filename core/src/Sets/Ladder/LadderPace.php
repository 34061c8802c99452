<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Streak\Hazard;

/**
 * How somebody climbs: chances of a miss, seconds for a jump, a break and a miss.
 */
final readonly class LadderPace
{
    /** Seconds of a single and a double, of the break between rungs, and of a miss, where nothing else is known (our assumption). */
    private const SINGLE_S = 0.5;
    private const DOUBLE_S = 0.58;
    public const BREAK_S = 5.0;
    public const MISS_S = 8.0;

    public function __construct(
        public Hazard $singles,
        public Hazard $doubles,
        public float $secondsPerSingle,
        public float $secondsPerDouble,
        public float $breakS,
        public float $missS,
    ) {
    }

    /** As it is usual, with somebody's own chances of a miss. */
    public static function usual(Hazard $singles, Hazard $doubles): self
    {
        return new self($singles, $doubles, self::SINGLE_S, self::DOUBLE_S, self::BREAK_S, self::MISS_S);
    }

    /** Usual seconds of one rep of a kind. */
    public static function secondsPerRep(JumpKind $kind): float
    {
        return $kind->passes() > 1 ? self::DOUBLE_S : self::SINGLE_S;
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
