<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\LoggedEntries;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\Plan\DrillView;
use Zumbo\App\Shared\Plan\ReadTodaysWork;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Method\Sound;

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
        private ReadTodaysWork $work,
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
        $jumps = $judged->today->allowance->offersJumps();
        $work = $this->work->of($judged, $now, $day);
        $outlook = $this->outlooks->one($judged);

        return new TodayView(
            $id->toRfc4122(),
            AllowanceView::of($judged->today, $this->coach->role()),
            $work->view(),
            Sound::Silence === $judged->gates->ways->sound,
            null === $work->reason ? null : SentenceView::of($work->reason, LengthUnit::Centimetre),
            array_map(
                DrillView::of(...),
                array_values(
                    array_filter(
                        null === $work->drill ? [] : [
                            ...$work->shelf->ofStage($stage, $judged->gates->ways),
                            ...$work->shelf->own($stage, $judged->gates->ways),
                        ],
                        static fn (Drill $drill): bool => $drill->code !== $work->drill?->code,
                    ),
                ),
            ),
            $work->focus,
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
