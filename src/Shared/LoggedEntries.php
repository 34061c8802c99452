<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Path\BestSoFar;
use Zumbo\Core\Path\EntryQuestion;
use Zumbo\Core\Path\SameSet;
use Zumbo\Core\Path\WrittenEntry;

/**
 * Entries of the log with what is asked about them: a count that is hardly meant, a set that two coaches wrote down.
 */
final readonly class LoggedEntries
{
    public function __construct(private Attempts $attempts, private ClockInterface $clock)
    {
    }

    /**
     * @param list<Attempt>           $shown
     * @param array<string, LogSums>  $sums  of their athletes
     * @param callable(Attempt): bool $today what was logged today is asked about, older entries have stood long enough
     *
     * @return list<AttemptView>
     */
    public function views(array $shown, array $sums, callable $today): array
    {
        $drills = $this->attempts->drillsOf($shown);
        $pairs = $this->pairs($shown);
        $seconds = [];

        return array_map(function (Attempt $attempt) use ($drills, $pairs, $sums, $today, &$seconds): AttemptView {
            $drill = $drills[$attempt->setId()->toRfc4122()] ?? '';
            $own = $sums[$attempt->athleteId()->toRfc4122()] ?? LogSums::none();

            return AttemptView::of(
                $attempt,
                $drill,
                $today($attempt) ? $this->question($attempt, $drill, $own, $seconds) : null,
                $pairs[$attempt->id()->toRfc4122()] ?? null,
            );
        }, $shown);
    }

    /**
     * @param array<string, int> $seconds the second best that was asked for, by athlete, stage and kind
     */
    private function question(Attempt $attempt, string $drill, LogSums $own, array &$seconds): ?Verdict
    {
        if ($attempt->isConfirmed()) {
            return null;
        }
        $counts = \in_array($drill, DrillTable::codes(), true) ? DrillTable::named($drill)->countKind : CountKind::Streak;

        $best = $this->bestOfOthers($attempt, $own, $seconds);

        return EntryQuestion::about($attempt->kind()->countKind(), $attempt->reps(), $counts, $best);
    }

    /**
     * @param array<string, int> $seconds
     */
    private function bestOfOthers(Attempt $attempt, LogSums $own, array &$seconds): ?BestSoFar
    {
        $others = $own->entries($attempt->stage(), $attempt->kind()) - 1;
        $best = $own->best($attempt->stage(), $attempt->kind()) ?? 0;
        if ($others < BestSoFar::LEAST_ENTRIES) {
            return null;
        }
        if ($attempt->reps() < $best) {
            return BestSoFar::among($others, $best);
        }
        // Only who holds the best makes one look for the next.
        $key = implode(' ', [$attempt->athleteId()->toRfc4122(), $attempt->stage()->value, $attempt->kind()->value]);
        $next = $seconds[$key] ??= $this->attempts->secondBest($attempt, $this->clock->now()->modify(Attempts::LOOK_BACK));

        return BestSoFar::among($others, $next);
    }

    /**
     * @param list<Attempt> $shown
     *
     * @return array<string, string> id of the later entry => id of the one before it
     */
    private function pairs(array $shown): array
    {
        if ([] === $shown) {
            return [];
        }
        $last = max(array_map(static fn (Attempt $attempt): \DateTimeImmutable => $attempt->loggedAt(), $shown));
        $from = $last->modify(\sprintf('-%d days', SameSet::ASKED_DAYS));
        $recent = array_values(array_filter($shown, static fn (Attempt $attempt): bool => $attempt->loggedAt() >= $from));

        return SameSet::pairs(array_map(static fn (Attempt $attempt): WrittenEntry => new WrittenEntry(
            $attempt->id()->toRfc4122(),
            $attempt->loggedBy(),
            // A set belongs to one athlete, one day and one drill.
            implode(' ', [
                $attempt->setId()->toRfc4122(),
                $attempt->kind()->value,
                $attempt->reps(),
                $attempt->misses(),
                $attempt->ended()->value ?? '',
            ]),
            $attempt->loggedAt()->getTimestamp(),
            $attempt->isConfirmed(),
        ), $this->attempts->ofSameSets($recent)));
    }
}
