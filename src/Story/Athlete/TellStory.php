<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\Log\SetSum;
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
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Stage;

/**
 * Tells what became of one athlete: of the last three years, from kept sums.
 */
final readonly class TellStory
{
    private const LOOK_BACK = '-3 years';
    private const SOME = 4;

    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private DaySums $sums,
        private ReadEvents $events,
        private DrawCurves $curves,
        private LoadWeeks $weeks,
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
        $sessions = self::sessions($sums);
        $events = $this->events->of($judged, $sums, $from, $gym->unit());
        [$curves, $curvesSaid] = $this->curves->of($judged, $now);
        [$weeks, $weeksSaid] = $this->weeks->of($judged, $sums, $today);
        $records = self::records($sums);
        [$cues, $forecasts] = [$this->cues($id), $this->forecasts($id, $judged)];

        return new AthleteStoryView(
            $id->toRfc4122(),
            $today->format('Y-m-d'),
            $doubles,
            SentenceView::listOf(self::told($sessions, $events, $judged->athlete->stage()), LengthUnit::Centimetre),
            $sessions,
            $events,
            $curves,
            $curvesSaid,
            $weeks,
            $weeksSaid,
            $records,
            self::said(self::recordSaid($records)),
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
     * @return list<StorySessionView>
     */
    private static function sessions(LogSums $sums): array
    {
        $days = [];
        foreach ($sums->sums as $sum) {
            $days[$sum->localDay->format('Y-m-d').' '.$sum->stage->value][] = $sum;
        }

        return array_values(array_map(static function (array $all): StorySessionView {
            $goes = array_filter($all, static fn (SetSum $sum): bool => AttemptKind::Streak === $sum->kind);

            return new StorySessionView(
                $all[0]->localDay->format('Y-m-d'),
                $all[0]->stage,
                MessageCatalogue::name(Term::of($all[0]->stage)),
                [] === $goes ? null : max(array_map(static fn (SetSum $sum): int => $sum->best, $goes)),
                DrawCurves::doubles($all[0]->stage),
                array_sum(array_map(static fn (SetSum $sum): int => $sum->reps, $all)),
                array_sum(array_map(static fn (SetSum $sum): int => $sum->misses, $all)),
            );
        }, $days));
    }

    /**
     * @param list<StorySessionView> $sessions
     * @param list<StoryEventView>   $events
     *
     * @return list<Verdict>
     */
    private static function told(array $sessions, array $events, Stage $stage): array
    {
        if ([] === $sessions) {
            return [Verdict::of('story.none')];
        }
        $count = static fn (StoryEvent $kind): int => \count(array_filter(
            $events,
            static fn (StoryEventView $one): bool => $one->kind === $kind,
        ));
        $told = [Verdict::of('story.told', [
            'since' => (new \DateTimeImmutable($sessions[0]->day))->format('j F Y'),
            'stages' => max(0, $count(StoryEvent::Stage) - 1),
            'ropes' => max(0, $count(StoryEvent::Rope) - 1),
            'pains' => $count(StoryEvent::Pain),
            'pauses' => $count(StoryEvent::Pause),
        ])];
        $bests = [];
        foreach ($sessions as $one) {
            if ($one->stage === $stage && null !== $one->best) {
                $bests[] = $one->best;
            }
        }
        if ([] !== $bests) {
            $told[] = self::longest($bests, ['what' => DrawCurves::doubles($stage) ? 'doubles' : 'singles', 'stage' => Term::of($stage)]);
        }

        return $told;
    }

    /**
     * Of the first few practices of a stage and of the last: one lucky go is no beginning.
     *
     * @param non-empty-list<int>        $bests  the oldest first
     * @param array<string, string|Term> $values
     */
    private static function longest(array $bests, array $values): Verdict
    {
        if (\count($bests) < 2 * self::SOME) {
            return Verdict::of('story.longest_one', $values + ['now' => max($bests)]);
        }
        [$before, $now] = [max(0, ...\array_slice($bests, 0, self::SOME)), max(0, ...\array_slice($bests, -self::SOME))];

        return $before === $now
            ? Verdict::of('story.longest_same', $values + ['now' => $now])
            : Verdict::of('story.longest', $values + ['before' => $before, 'now' => $now]);
    }

    /**
     * @return list<StoryRecordView>
     */
    private static function records(LogSums $sums): array
    {
        $best = [];
        foreach ($sums->sums as $sum) {
            if (AttemptKind::Streak === $sum->kind && $sum->best > ($best[$sum->stage->number()]->best ?? 0)) {
                $best[$sum->stage->number()] = $sum;
            }
        }
        ksort($best);

        return array_values(array_map(static fn (SetSum $sum): StoryRecordView => new StoryRecordView(
            $sum->stage,
            MessageCatalogue::name(Term::of($sum->stage)),
            DrawCurves::doubles($sum->stage) ? 'doubles' : 'singles',
            $sum->best,
            $sum->localDay->format('Y-m-d'),
        ), $best));
    }

    /**
     * @param list<StoryRecordView> $records
     */
    private static function recordSaid(array $records): Verdict
    {
        $last = $records[\count($records) - 1] ?? null;

        return null === $last ? Verdict::of('story.records_none') : Verdict::of('story.records', [
            'reps' => $last->best,
            'what' => $last->what,
            'day' => (new \DateTimeImmutable($last->day))->format('j F Y'),
        ]);
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
