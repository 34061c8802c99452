<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\SetSum;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Stage;

/**
 * The goes of one athlete, practice by practice, and the best of each stage.
 */
final class ToldGoes
{
    /** So many practices are a beginning, and as many are now. */
    private const SOME = 4;

    /**
     * @return list<StorySessionView>
     */
    public static function sessions(LogSums $sums): array
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
    public static function told(array $sessions, array $events, Stage $stage): array
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
    public static function records(LogSums $sums): array
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
    public static function recordSaid(array $records): Verdict
    {
        $last = $records[\count($records) - 1] ?? null;

        return null === $last ? Verdict::of('story.records_none') : Verdict::of('story.records', [
            'reps' => $last->best,
            'what' => $last->what,
            'day' => (new \DateTimeImmutable($last->day))->format('j F Y'),
        ]);
    }
}
