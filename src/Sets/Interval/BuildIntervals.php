<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Interval;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Rate;

/**
 * Builds an interval set or a circuit for an athlete.
 */
final readonly class BuildIntervals
{
    public function __construct(private Athletes $athletes, private MayJump $mayJump)
    {
    }

    public function forAthlete(Uuid $id, IntervalInput $input): IntervalView
    {
        $athlete = $this->athletes->get($id);
        $judged = $this->mayJump->orRefuse($athlete);
        $set = $input->set();
        $stage = $athlete->stage();
        $own = Rate::perMinute(DrillTable::ofStage($stage, $judged->gates->ways)[0]->cadence);

        return IntervalView::of(
            $id->toRfc4122(),
            $set,
            $set->measuredBy($judged->gates->at($stage)),
            $stage,
            $own,
            SentenceView::of($judged->today->contacts->with($set->contacts($own, $stage)), LengthUnit::Centimetre),
        );
    }
}
