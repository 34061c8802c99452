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
    public function __construct(private Attempts $attempts)
    {
    }

    /**
     * @param list<Attempt>           $shown
     * @param list<Attempt>           $all   of the same athletes, the oldest first
     * @param callable(Attempt): bool $today what was logged today is asked about, older entries have stood long enough
     *
     * @return list<AttemptView>
     */
    public function views(array $shown, array $all, callable $today): array
    {
        $drills = $this->attempts->drillsOf($shown);
        $pairs = self::pairs($all);

        return array_map(static function (Attempt $attempt) use ($drills, $pairs, $all, $today): AttemptView {
            $drill = $drills[$attempt->setId()->toRfc4122()] ?? '';

            return AttemptView::of(
                $attempt,
                $drill,
                $today($attempt) ? self::question($attempt, $drill, $all) : null,
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
        $bests = [];
        foreach (AttemptKind::cases() as $kind) {
            $best = BestSoFar::of(self::counts($ofStage, $kind));
            if (null !== $best) {
                $bests[] = new BestView($kind, $best->count, $best->askAbove);
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

    /**
     * @param list<Attempt> $all
     */
    private static function question(Attempt $attempt, string $drill, array $all): ?Verdict
    {
        if ($attempt->isConfirmed()) {
            return null;
        }
        $others = array_values(array_filter(
            $all,
            static fn (Attempt $other): bool => $other !== $attempt
                && $other->athleteId()->equals($attempt->athleteId())
                && $other->stage() === $attempt->stage(),
        ));
        $counts = \in_array($drill, DrillTable::codes(), true) ? DrillTable::named($drill)->countKind : CountKind::Streak;

        return EntryQuestion::about(
            $attempt->kind()->countKind(),
            $attempt->reps(),
            $counts,
            self::counts($others, $attempt->kind()),
        );
    }

    /**
     * @param list<Attempt> $attempts
     *
     * @return list<int>
     */
    private static function counts(array $attempts, AttemptKind $kind): array
    {
        return array_values(array_map(
            static fn (Attempt $attempt): int => $attempt->reps(),
            array_filter($attempts, static fn (Attempt $attempt): bool => $attempt->kind() === $kind),
        ));
    }

    /**
     * @param list<Attempt> $attempts the oldest first
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
        ), $attempts));
    }
}
