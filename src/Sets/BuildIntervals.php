<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Rate;

/**
 * Builds an interval set or a circuit for an athlete.
 */
final readonly class BuildIntervals
{
    public function __construct(private Athletes $athletes, private ContactsToday $contacts)
    {
    }

    public function forAthlete(Uuid $id, IntervalInput $input): IntervalView
    {
        $athlete = $this->athletes->get($id);
        $set = $input->set();
        $contacts = $set->jumps(Rate::perMinute(DrillTable::ofStage($athlete->stage())[0]->cadence));

        return IntervalView::of(
            $id->toRfc4122(),
            $set,
            $set->measuredBy($athlete->stage()),
            $contacts,
            $this->contacts->with($athlete, $contacts),
        );
    }
}
