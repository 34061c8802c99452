<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\People;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\RecentSessions;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;

/**
 * One chance of a miss for every rep, by the last sessions of a stage: enough to aim a set, and without a look at single goes.
 */
final readonly class ReadPace
{
    /** @return LadderPace|null null: nothing was counted in a row at their stage */
    public function of(Judged $one): ?LadderPace
    {
        $stage = $one->athlete->stage();
        $sessions = $one->sums->sessions($stage, CountKind::Streak, $one->days->stoppedDays);
        if ([] === $sessions) {
            return null;
        }
        $miss = 1 - RecentSessions::of(Prior::forStage($stage), $sessions)->posterior->chance->mean();
        $own = Hazard::constant(min(0.9, max(0.0, $miss)));
        [$singles, $doubles] = JumpKind::Single === Ladder::kindAt($stage)
            ? [$own, Hazard::untaughtDoubles()]
            : [Hazard::usualSingles(), $own];

        return LadderPace::usual($singles, $doubles);
    }
}
