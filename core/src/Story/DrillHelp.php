<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

/**
 * How often the evening after a drill missed less than the evenings before it did.
 *
 * The evening of the drill itself is left out on both sides: a coach gives a drill on a bad evening, and after a bad evening an
 * ordinary one follows whatever was done (regression to the mean, F. Galton, J. Anthropol. Inst. 15 (1886) 246–263). How many
 * evenings count before and how long after is our assumption, tried on simulated gyms.
 */
final class DrillHelp
{
    private const BEFORE = 4;
    private const LEAST_BEFORE = 2;

    /** What comes later is not of that drill any more. */
    private const MOST_DAYS = 21;

    /** Fewer jumps than these tell no share of misses. */
    private const LEAST_JUMPS = 20;

    /**
     * @param list<list<PracticeEvening>> $athletes each at one stage, the oldest first
     *
     * @return array<string, HelpCount> by code of the drill
     */
    public static function counts(array $athletes): array
    {
        $counts = [];
        foreach ($athletes as $evenings) {
            foreach ($evenings as $i => $evening) {
                $before = \array_slice($evenings, max(0, $i - self::BEFORE), min($i, self::BEFORE));
                $better = self::isBetter($before, $evening, $evenings[$i + 1] ?? null);
                if (null === $better) {
                    continue;
                }
                foreach (array_unique($evening->drills) as $drill) {
                    $count = $counts[$drill] ?? new HelpCount(0, 0);
                    $counts[$drill] = new HelpCount($count->better + (int) $better, $count->goes + 1);
                }
            }
        }

        return $counts;
    }

    /**
     * Null: there is too little to say.
     *
     * @param list<PracticeEvening> $before
     */
    private static function isBetter(array $before, PracticeEvening $evening, ?PracticeEvening $next): ?bool
    {
        if (null === $next || $next->day - $evening->day > self::MOST_DAYS || \count($before) < self::LEAST_BEFORE) {
            return null;
        }
        [$then, $now] = [self::share($before), self::share([$next])];

        return null === $then || null === $now ? null : $now < $then;
    }

    /**
     * @param list<PracticeEvening> $evenings
     */
    private static function share(array $evenings): ?float
    {
        $misses = array_sum(array_map(static fn (PracticeEvening $one): int => $one->misses, $evenings));
        $jumps = $misses + array_sum(array_map(static fn (PracticeEvening $one): int => $one->reps, $evenings));

        return $jumps < self::LEAST_JUMPS ? null : $misses / $jumps;
    }
}
