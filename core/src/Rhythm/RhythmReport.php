<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\Verdict;

/**
 * What a take says: jumps and turns, the beat, misses, double bounces, streaks, where a target pattern broke, and at
 * most one thing to change.
 *
 * A trip is a jump without a turn beside a pause; a jump without a turn between others is a double bounce.
 */
final readonly class RhythmReport
{
    /** So many jumps at least before anything is said of the beat. */
    private const LEAST_JUMPS = 5;

    /** One jump in so many may bounce twice before it is said. */
    private const BOUNCES = 0.2;

    /** The beat changed when it did by more jumps a minute from first to last. */
    private const LEAST_CHANGE = 6.0;

    /**
     * @param list<int>                             $passes  of each jump
     * @param list<int>                             $misses  places of the jumps that tripped
     * @param list<int>                             $bounces places of the second jumps on one turn
     * @param list<array{reps: int, ended: string}> $streaks
     * @param list<float>                           $pausesS how long each pause was
     */
    private function __construct(
        public array $passes,
        public int $turns,
        /** From landing to landing; null: fewer than two. */
        public ?BeatStatistics $beat,
        public array $misses,
        public array $bounces,
        public array $streaks,
        /** Place of the first jump that is not the target's, from 1; null: none, or no target. */
        public ?int $firstBroken,
        public Verdict $verdict,
        /** From the first landing to the last. */
        public float $seconds,
        public array $pausesS,
        /** What was done, each kind apart: the headline. */
        public Verdict $counts,
        /** Of the jumps that have a turn: another than `beat` for whoever bounces twice on each. */
        public ?BeatStatistics $held,
        /** Null: there was no pause. */
        public ?Verdict $pause,
    ) {
    }

    public static function of(Take $take, ?Pattern $target = null): self
    {
        $passes = $take->passes();
        [$misses, $bounces] = self::withoutTurn($take, $passes, $target);
        // Whoever bounces twice on each turn keeps the beat of the turns: the landing between is not one of it.
        $bouncing = \count($bounces) > self::BOUNCES * \count($passes);
        $beat = self::beat($take);
        $held = $bouncing ? self::beat($take->withoutLandings(array_map(static fn (int $place): int => $place + 1, $bounces))) : $beat;
        $intervals = $take->intervals();
        $broken = null === $target ? null : PatternPlace::firstBroken($passes, $target);
        $pausesS = array_map(static fn (int $place): float => $intervals[$place], $beat->pauses ?? []);
        $counts = self::counts($take, $passes, $misses, $bouncing);

        return new self(
            $passes,
            \count($take->turnsS),
            $beat,
            $misses,
            $bounces,
            self::streaks($passes, $misses, $bounces),
            $broken?->jump,
            self::verdict($passes, $held, $bouncing, $broken),
            array_sum($take->intervals()),
            $pausesS,
            $counts,
            $held,
            [] === $pausesS ? null : Verdict::of('rhythm.pauses', [
                'pauses' => \count($pausesS),
                'longest' => round(max($pausesS), 1),
            ]),
        );
    }

    private static function beat(Take $take): ?BeatStatistics
    {
        $intervals = $take->intervals();

        return [] === $intervals ? null : BeatStatistics::of($intervals, \array_slice($take->landingsS, 1));
    }

    /**
     * Jumps without a turn: beside a pause a trip, else the second of a double bounce; beside a pause a jump with fewer
     * turns than the target's is a trip as well. Where no turn was told at all nothing is known of either.
     *
     * @param list<int> $passes
     *
     * @return array{list<int>, list<int>} places of trips and of bounces
     */
    private static function withoutTurn(Take $take, array $passes, ?Pattern $target): array
    {
        $beat = self::beat($take);
        if (null === $beat || [] === $take->turnsS) {
            return [[], []];
        }
        $pauses = array_fill_keys($beat->pauses, true);
        $wanted = null === $target ? [] : PatternPlace::passes($target);
        $length = max(1, \count($wanted));
        $misses = $bounces = [];
        foreach ($passes as $i => $count) {
            $halted = isset($pauses[$i]) || isset($pauses[$i + 1]);
            if ($halted && (0 === $count || $count < ($wanted[$i % $length] ?? 0))) {
                $misses[] = $i;
            } elseif (0 === $count) {
                $bounces[] = $i;
            }
        }

        return [$misses, $bounces];
    }

    /**
     * @param list<int> $passes
     * @param list<int> $misses
     */
    private static function counts(Take $take, array $passes, array $misses, bool $bouncing): Verdict
    {
        if ([] === $take->turnsS) {
            return Verdict::of('rhythm.counts_landings', ['jumps' => \count($passes)]);
        }
        $of = array_count_values(array_diff_key($passes, array_flip($misses)));
        $more = array_sum(array_filter($of, static fn (int $turns): bool => $turns > 2, \ARRAY_FILTER_USE_KEY));

        // Between two landings on each turn the first turn may come before the first landing: it is a single as well.
        $before = \count($take->turnsS) - array_sum($passes);

        return Verdict::of($bouncing ? 'rhythm.counts_bounced' : 'rhythm.counts', [
            'singles' => ($of[1] ?? 0) + ($bouncing ? $before : 0),
            'doubles' => $of[2] ?? 0,
            'more' => $more,
            // The jumps beside one pause without a turn are one trip.
            'misses' => self::trips($misses),
        ]);
    }

    /**
     * @param list<int> $misses
     */
    private static function trips(array $misses): int
    {
        return \count(array_filter($misses, static fn (int $place): bool => !\in_array($place - 1, $misses, true)));
    }

    /**
     * @param list<int> $passes
     * @param list<int> $misses
     * @param list<int> $bounces
     *
     * @return list<array{reps: int, ended: string}> reps are jumps with a turn
     */
    private static function streaks(array $passes, array $misses, array $bounces): array
    {
        $missed = array_fill_keys($misses, true);
        $bounced = array_fill_keys($bounces, true);
        $streaks = [];
        $reps = 0;
        foreach ($passes as $i => $count) {
            if (isset($missed[$i])) {
                // The jumps beside one pause without a turn are one trip.
                if ($reps > 0 || [] === $streaks) {
                    $streaks[] = ['reps' => $reps, 'ended' => 'miss'];
                }
                $reps = 0;
            } elseif (!isset($bounced[$i])) {
                ++$reps;
            }
        }

        return $reps > 0 ? [...$streaks, ['reps' => $reps, 'ended' => 'stopped']] : $streaks;
    }

    /**
     * @param list<int> $passes
     */
    private static function verdict(array $passes, ?BeatStatistics $beat, bool $bouncing, ?PatternPlace $broken): Verdict
    {
        $jumps = \count($passes);
        $scatter = $beat?->scatter();
        if ($jumps < self::LEAST_JUMPS || null === $beat || null === $scatter) {
            return Verdict::of('rhythm.too_few', ['jumps' => $jumps, 'least' => self::LEAST_JUMPS]);
        }
        $change = $beat->change();
        $values = [
            'cadence' => $beat->cadence(),
            'percent' => 100 * $scatter,
            'rep' => $broken->jump ?? 0,
            'round' => $broken->round ?? 0,
            'kind' => $broken?->kind->value ?? '',
            'from' => (int) round($beat->fromTo[0] ?? 0.0),
            'to' => (int) round($beat->fromTo[1] ?? 0.0),
        ];

        return match (true) {
            $bouncing => Verdict::of('rhythm.double_bounce', $values),
            null !== $broken => Verdict::of($broken->again ? 'rhythm.broken_round' : 'rhythm.broken', $values),
            Evenness::Uneven === Evenness::ofVariation($scatter) => Verdict::of('rhythm.uneven', $values),
            $change > self::LEAST_CHANGE => Verdict::of('rhythm.rushing', $values),
            $change < -self::LEAST_CHANGE => Verdict::of('rhythm.slowing', $values),
            Evenness::Watch === Evenness::ofVariation($scatter) => Verdict::of('rhythm.watch', $values),
            default => Verdict::of('rhythm.even', $values),
        };
    }
}
