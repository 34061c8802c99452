<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\LoggedEntries;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\StageLog;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Path\TodaysSet;

/**
 * Today's set of an athlete with the log and the gate of their stage.
 */
final readonly class ShowToday
{
    public function __construct(
        private Athletes $athletes,
        private Attempts $attempts,
        private LoggedEntries $entries,
        private Focuses $focuses,
        private JudgeToday $judge,
        private CurrentCoach $coach,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function of(Uuid $id): TodayView
    {
        $athlete = $this->athletes->get($id);
        $now = $this->clock->now();
        $gym = $this->gyms->current();
        $day = LocalDay::of($now, $gym->timeZone());
        $before = $this->attempts->practicesBefore($day, $id);
        $entries = StageLog::of($athlete, $this->attempts->ofAthlete($id, $now->modify(Attempts::LOOK_BACK)));
        $judged = $this->judge->athlete($athlete);
        $jumps = $judged->today->allowance->offersJumps();
        $set = $jumps ? TodaysSet::of($athlete->stage(), $before[$id->toRfc4122()] ?? 0) : null;
        $outlook = StageLog::outlook($athlete, $entries, $judged, $now);
        $focus = $jumps ? FocusOfToday::of($this->focuses->current($now)[$id->toRfc4122()] ?? null) : null;

        return new TodayView(
            $id->toRfc4122(),
            AllowanceView::of($judged->today, $this->coach->role()),
            null === $set ? null : DrillView::of($set->drill, $focus?->cue->cue),
            null === $set ? null : SentenceView::of($set->reason, LengthUnit::Centimetre),
            array_map(
                DrillView::of(...),
                array_values(
                    array_filter(
                        null === $set ? [] : DrillTable::ofStage($athlete->stage()),
                        static fn (Drill $drill): bool => $drill->code !== $set?->drill->code,
                    ),
                ),
            ),
            $focus,
            null === $outlook ? null : GateView::of($outlook, LoggedEntries::doubt($entries), $jumps),
            $this->entries->views(
                $entries,
                [$id->toRfc4122() => $entries],
                static fn (Attempt $attempt): bool => $judged->dayOf($attempt->loggedAt()) === $day->format('Y-m-d'),
            ),
            LoggedEntries::bests($entries),
            $gym->revision(),
        );
    }
}
