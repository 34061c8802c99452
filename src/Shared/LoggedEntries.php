<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Attempts;
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
    /** Before the athlete's last entry (our assumption). */
    private const ASKED_FOR = '-14 days';

    public function __construct(private Attempts $attempts)
    {
    }

    /**
     * @param list<Attempt>                $shown
     * @param array<string, list<Attempt>> $byAthlete all of the same athletes, the oldest first
     * @param callable(Attempt): bool      $today     what was logged today is asked about, older entries have stood long
     *                                                enough
     *
     * @return list<AttemptView>
     */
    public function views(array $shown, array $byAthlete, callable $today): array
    {
        $drills = $this->attempts->drillsOf($shown);
        $pairs = [];
        foreach (array_unique(array_map(self::athleteOf(...), $shown)) as $athlete) {
            $pairs += self::pairs($byAthlete[$athlete] ?? []);
        }

        return array_map(static function (Attempt $attempt) use ($drills, $pairs, $byAthlete, $today): AttemptView {
            $drill = $drills[$attempt->setId()->toRfc4122()] ?? '';

            return AttemptView::of(
                $attempt,
                $drill,
                $today($attempt) ? self::question($attempt, $drill, $byAthlete[self::athleteOf($attempt)] ?? []) : null,
                $pairs[$attempt->id()->toRfc4122()] ?? null,
            );
        }, $shown);
    }

    /**
     * @param list<Attempt> $ofStage an athlete's entries of their present stage
     *
     * @return list<BestView> of the kinds that are there often enough to tell
     */
    public static function bests(array $ofStage): array
    {
        $counts = [];
        foreach ($ofStage as $attempt) {
            $counts[$attempt->kind()->value][] = $attempt->reps();
        }
        $bests = [];
        foreach ($counts as $kind => $reps) {
            $best = BestSoFar::of($reps);
            if (null !== $best) {
                $bests[] = new BestView(AttemptKind::from($kind), $best->count, $best->askAbove);
            }
        }

        return $bests;
    }

    /**
     * @param list<Attempt> $attempts of one athlete, the oldest first
     */
    public static function doubt(array $attempts): ?Verdict
    {
        return SameSet::doubt(\count(self::pairs($attempts)));
    }

    private static function athleteOf(Attempt $attempt): string
    {
        return $attempt->athleteId()->toRfc4122();
    }

    /**
     * @param list<Attempt> $own of the same athlete
     */
    private static function question(Attempt $attempt, string $drill, array $own): ?Verdict
    {
        if ($attempt->isConfirmed()) {
            return null;
        }
        $others = [];
        foreach ($own as $other) {
            if ($other !== $attempt && $other->stage() === $attempt->stage() && $other->kind() === $attempt->kind()) {
                $others[] = $other->reps();
            }
        }
        $counts = \in_array($drill, DrillTable::codes(), true) ? DrillTable::named($drill)->countKind : CountKind::Streak;

        return EntryQuestion::about($attempt->kind()->countKind(), $attempt->reps(), $counts, $others);
    }

    /**
     * @param list<Attempt> $attempts of one athlete, the oldest first
     *
     * @return array<string, string>
     */
    private static function pairs(array $attempts): array
    {
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
        ), self::recent($attempts)));
    }

    /**
     * Whether two coaches wrote one set is asked while somebody may still know.
     *
     * @param list<Attempt> $attempts the oldest first
     *
     * @return list<Attempt>
     */
    private static function recent(array $attempts): array
    {
        $last = end($attempts);
        if (false === $last) {
            return [];
        }
        $from = $last->loggedAt()->modify(self::ASKED_FOR);
        $first = \count($attempts);
        while ($first > 0 && $attempts[$first - 1]->loggedAt() >= $from) {
            --$first;
        }

        return \array_slice($attempts, $first);
    }
}
