<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Pacing\Run\ReadRuns;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Streak\Prior;

/**
 * How an athlete meets a workout: the chance of a miss by their own log and how sure it is; what a miss and a break cost as a coach
 * says, or their own splits.
 */
final readonly class ReadJumper
{
    public function __construct(private Attempts $attempts, private ReadRuns $runs, private ClockInterface $clock)
    {
    }

    /** @param float $wider by how much bands are widened, as the forecasts of the gym have held */
    public function of(Athlete $athlete, PaceCosts $asked, float $wider): ReadPace
    {
        $own = AthleteHazard::of(
            Prior::ofDoubles($athlete->stage()),
            $this->attempts->countedDoubles($athlete->id(), $this->clock->now()),
        );
        $costs = CostsView::of($asked, $this->runs->costs($athlete->id()));

        return new ReadPace(
            new Jumper(
                $own->hazard,
                $asked->speed->perSecond(),
                $costs->missS,
                $costs->breakS,
                doubt: HazardDoubt::after($own->misses),
                wider: $wider,
            ),
            $costs,
            $own->source,
        );
    }
}
