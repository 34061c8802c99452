<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Streak\Prior;

/**
 * How an athlete meets a workout: the chance of a miss by their own log and how sure it is; what a miss and a break cost as a coach says.
 */
final readonly class ReadJumper
{
    public function __construct(private Attempts $attempts, private ClockInterface $clock)
    {
    }

    /**
     * @return array{Jumper, Verdict} and where the chance is taken from
     */
    public function of(Athlete $athlete, int $missCostS, int $breakCostS): array
    {
        $own = AthleteHazard::of(
            Prior::ofDoubles($athlete->stage()),
            $this->attempts->countedDoubles($athlete->id(), $this->clock->now()),
        );

        return [
            new Jumper($own->hazard, Jumper::DOUBLES_PER_S, $missCostS, $breakCostS, doubt: HazardDoubt::after($own->misses)),
            $own->source,
        ];
    }
}
