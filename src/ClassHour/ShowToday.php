<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\LoggedEntries;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\Plan\ReadPlanned;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Sound;
use Zumbo\Core\Path\TodaysSet;

/**
 * Today's set of an athlete with the log and the gate of their stage.
 */
final readonly class ShowToday
{
    /** As many as the picture of a stage's goes has room for. */
    private const SHOWN = 60;

    public function __construct(
        private Athletes $athletes,
        private Attempts $attempts,
        private LoggedEntries $entries,
        private Focuses $focuses,
        private FocusGoes $goes,
        private OwnDrills $drills,
        private ReadPlanned $planned,
        private DaySums $sums,
        private ReadOutlooks $outlooks,
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
        $judged = $this->judge->athlete($athlete);
        $stage = $athlete->stage();
        $before = ($this->sums->stageDays($id)[$id->toRfc4122()][$stage->value] ?? 0)
            - (int) $judged->sums->hasStageOn($stage, $day);
        $shelf = $this->drills->shelf();
        $jumps = $judged->today->allowance->offersJumps();
        $turn = $jumps ? TodaysSet::of($stage, $shelf, $judged->gates->ways, $before) : null;
        $planned = ReadPlanned::drill($this->planned->on($day)[$id->toRfc4122()] ?? null, $stage, $judged->gates->ways);
        $set = null === $turn ? null : $planned ?? $turn->drill;
        $why = null === $planned ? $turn?->reason : Verdict::of('set.planned', ['why' => $planned->why]);
        $outlook = $this->outlooks->one($judged);
        $current = $jumps ? $this->focuses->current($now)[$id->toRfc4122()] ?? null : null;
        $focus = null === $current
            ? null
            : FocusOfToday::of($current, $judged->gates->ways, $this->goes->historyOf($id, $now));

        return new TodayView(
            $id->toRfc4122(),
            AllowanceView::of($judged->today, $this->coach->role()),
            null === $set ? null : DrillView::of($set, $focus?->cue->cue),
            Sound::Silence === $judged->gates->ways->sound,
            null === $set || null === $why ? null : SentenceView::of($why, LengthUnit::Centimetre),
            array_map(
                DrillView::of(...),
                array_values(
                    array_filter(
                        null === $set ? [] : [
                            ...$shelf->ofStage($stage, $judged->gates->ways),
                            ...$shelf->own($stage, $judged->gates->ways),
                        ],
                        static fn (Drill $drill): bool => $drill->code !== $set?->code,
                    ),
                ),
            ),
            $focus,
            null === $outlook->gate ? null : GateView::of($outlook->gate, $outlook->news?->news, $outlook->doubt, $jumps),
            $this->entries->views(
                $this->attempts->newestOfStage($athlete, $now->modify(Attempts::LOOK_BACK), self::SHOWN),
                [$id->toRfc4122() => $judged->sums],
                static fn (Attempt $attempt): bool => $judged->dayOf($attempt->loggedAt()) === $day->format('Y-m-d'),
            ),
            $judged->sums->bests($stage),
            $gym->revision(),
        );
    }
}
