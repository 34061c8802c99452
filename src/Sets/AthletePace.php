<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;

/**
 * How an athlete jumps sets: chances of a miss by the own log, seconds as they are usual.
 */
final readonly class AthletePace
{
    /** Seconds of a single and a double, of the break between rungs, and of a miss (our assumption). */
    private const SINGLE_S = 0.5;
    private const DOUBLE_S = 0.58;
    public const BREAK_S = 5.0;
    public const MISS_S = 8.0;

    public function __construct(private Attempts $attempts, private ClockInterface $clock)
    {
    }

    /**
     * @return array{LadderPace, Verdict} and where the chances are taken from
     */
    public function of(Athlete $athlete): array
    {
        $stage = $athlete->stage();
        $own = AthleteHazard::of(Prior::forStage($stage), $this->attempts->countedStreaks($athlete, $this->clock->now()));
        [$singles, $doubles] = JumpKind::Single === Ladder::kindAt($stage)
            ? [$own->hazard, Hazard::untaughtDoubles()]
            : [Hazard::usualSingles(), $own->hazard];

        return [
            new LadderPace($singles, $doubles, self::SINGLE_S, self::DOUBLE_S, self::BREAK_S, self::MISS_S),
            $own->source,
        ];
    }

    /** Seconds of one rep of what rises for them. */
    public static function secondsPerRep(JumpKind $kind): float
    {
        return $kind->passes() > 1 ? self::DOUBLE_S : self::SINGLE_S;
    }
}
