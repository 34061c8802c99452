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
            LadderPace::usual($singles, $doubles),
            $own->source,
        ];
    }
}
