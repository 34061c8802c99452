<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

/**
 * The share of goes that survive a rep, from goes that ended by a miss and goes that were stopped: Kaplan–Meier with
 * Greenwood's standard errors (E. L. Kaplan & P. Meier, J. Am. Stat. Assoc. 53 (1958) 457–481).
 *
 * A miss after x reps happened at rep x + 1; a go stopped after x was seen up to x. Taking the same x for both would
 * overstate long streaks.
 */
final readonly class KaplanMeier
{
    private function __construct(
        /** The rep that failed. */
        public int $time,
        public int $atRisk,
        public int $misses,
        public float $survival,
        /** Null when nobody is left: then it is not defined. */
        public ?float $standardError,
    ) {
    }

    /**
     * @param list<CountedReps> $goes single goes only
     *
     * @return list<self> one row per rep at which somebody missed, in order
     */
    public static function ofGoes(array $goes): array
    {
        return self::ofTimes(
            array_map(
                static fn (CountedReps $go): array => [$go->successes + min(1, $go->misses), $go->misses > 0],
                $goes,
            ),
        );
    }

    /**
     * @param list<array{int, bool}> $times time, and whether the event happened then (else it was seen up to then)
     *
     * @return list<self>
     */
    public static function ofTimes(array $times): array
    {
        $events = [];
        foreach ($times as [$time, $happened]) {
            if ($happened) {
                $events[$time] = ($events[$time] ?? 0) + 1;
            }
        }
        ksort($events);
        $rows = [];
        $survival = 1.0;
        $variance = 0.0;
        foreach ($events as $time => $count) {
            $atRisk = \count(array_filter($times, static fn (array $one): bool => $one[0] >= $time));
            $survival *= 1 - $count / $atRisk;
            $variance += $atRisk > $count ? $count / ($atRisk * ($atRisk - $count)) : \INF;
            $rows[] = new self(
                $time,
                $atRisk,
                $count,
                $survival,
                is_finite($variance) ? $survival * sqrt($variance) : null,
            );
        }

        return $rows;
    }
}
