<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\App\Entity\Plan\PacedRun;
use Zumbo\App\Entity\Plan\PacedRuns;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\App\Story\Athlete\Beat\DrawBeats;
use Zumbo\App\Story\Athlete\Load\EffortWeeks;
use Zumbo\App\Story\Athlete\Load\LoadWeeks;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;

/**
 * Tells what became of one athlete: of the last three years, from kept sums.
 */
final readonly class TellStory
{
    private const LOOK_BACK = '-3 years';

    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private DaySums $sums,
        private ReadEvents $events,
        private DrawCurves $curves,
        private LoadWeeks $weeks,
        private DrawBeats $beats,
        private EffortWeeks $efforts,
        private FocusGoes $goes,
        private PacedRuns $runs,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    /** @throws UnknownRow when this gym has no such athlete */
    public function of(Uuid $id): AthleteStoryView
    {
        $gym = $this->gyms->current();
        $now = $this->clock->now();
        $today = LocalDay::of($now, $gym->timeZone());
        $from = $today->modify(self::LOOK_BACK);
        $judged = $this->judge->athlete($this->athletes->get($id));
        $sums = new LogSums($this->sums->since($from, $id)[$id->toRfc4122()] ?? []);
        $doubles = DrawCurves::doubles($judged->athlete->stage());
        $sessions = ToldGoes::sessions($sums);
        $events = $this->events->of($judged, $sums, $from, $gym->unit());
        [$curves, $curvesSaid] = $this->curves->of($judged, $now);
        [$weeks, $weeksSaid] = $this->weeks->of($judged, $sums, $today);
        [$beats, $beatsSaid] = $this->beats->of($judged, $from);
        [$effortWeeks, $effortSaid, $efforts] = $this->efforts->of($judged, $today);
        $records = ToldGoes::records($sums);
        [$cues, $forecasts] = [$this->cues($id), $this->forecasts($id, $judged)];

        return new AthleteStoryView(
            $id->toRfc4122(),
            $today->format('Y-m-d'),
            $doubles,
            SentenceView::listOf(ToldGoes::told($sessions, $events, $judged->athlete->stage()), LengthUnit::Centimetre),
            $sessions,
            $events,
            $curves,
            $curvesSaid,
            $weeks,
            $weeksSaid,
            $beats,
            $beatsSaid,
            $effortWeeks,
            $effortSaid,
            $efforts,
            $records,
            self::said(ToldGoes::recordSaid($records)),
            $cues,
            self::said([] === $cues ? Verdict::of('story.cues_none') : Verdict::of('story.cues', [
                'cue' => $cues[0]->cue,
                'better' => $cues[0]->better,
                'goes' => $cues[0]->goes,
            ])),
            $forecasts,
            self::said([] === $forecasts ? Verdict::of('story.forecasts_none') : Verdict::of('story.forecasts', [
                'held' => \count(array_filter($forecasts, static fn (StoryForecastView $one): bool => $one->held)),
                'runs' => \count($forecasts),
            ])),
            $gym->revision(),
        );
    }

    /**
     * @return list<StoryCueView> the one that helped most often first
     */
    private function cues(Uuid $id): array
    {
        $cues = [];
        foreach ($this->goes->counts($id) as $cue => $count) {
            $cues[] = new StoryCueView($cue, $count->goes, $count->better);
        }
        usort($cues, static fn (StoryCueView $a, StoryCueView $b): int => [$b->better, $a->goes] <=> [$a->better, $b->goes]);

        return $cues;
    }

    /**
     * @return list<StoryForecastView>
     */
    private function forecasts(Uuid $id, Judged $judged): array
    {
        $scored = array_filter($this->runs->newest($id), static fn (PacedRun $run): bool => $run->isScored());

        return array_values(array_map(static function (PacedRun $run) use ($judged): StoryForecastView {
            $forecast = $run->forecast();

            return new StoryForecastView(
                $judged->dayOf($run->startedAt()),
                $run->workout(),
                $forecast->expectedS,
                $forecast->lowS,
                $forecast->highS,
                $forecast->takenS,
                $forecast->holds(),
            );
        }, $scored));
    }

    private static function said(Verdict $verdict): SentenceView
    {
        return SentenceView::of($verdict, LengthUnit::Centimetre);
    }
}
