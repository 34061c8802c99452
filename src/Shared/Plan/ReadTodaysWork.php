<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Plan;

use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Path\TodaysSet;

/**
 * Today's set of one athlete: as it was planned, else the drill that is in turn. The hall and the athlete's own card ask here.
 */
final readonly class ReadTodaysWork
{
    public function __construct(
        private OwnDrills $drills,
        private ReadPlanned $planned,
        private DaySums $sums,
        private Focuses $focuses,
        private FocusGoes $goes,
    ) {
    }

    /**
     * @param \DateTimeImmutable $now and the local day that is then
     */
    public function of(Judged $judged, \DateTimeImmutable $now, \DateTimeImmutable $day): TodaysWork
    {
        $shelf = $this->drills->shelf();
        if (!$judged->today->allowance->offersJumps()) {
            return new TodaysWork(null, null, null, $shelf);
        }
        $id = $judged->athlete->id();
        $key = $id->toRfc4122();
        $stage = $judged->athlete->stage();
        $ways = $judged->gates->ways;
        $before = ($this->sums->stageDays($id)[$key][$stage->value] ?? 0) - (int) $judged->sums->hasStageOn($stage, $day);
        $turn = TodaysSet::of($stage, $shelf, $ways, $before);
        $planned = ReadPlanned::drill($this->planned->on($day)[$key] ?? null, $stage, $ways);
        $focus = $this->focuses->current($now)[$key] ?? null;

        return new TodaysWork(
            $planned ?? $turn->drill,
            null === $planned ? $turn->reason : Verdict::of('set.planned', ['why' => $planned->why]),
            null === $focus ? null : FocusOfToday::of($focus, $ways, $this->goes->historyOf($id, $now)),
            $shelf,
        );
    }
}
