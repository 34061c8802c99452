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
    private const LEAST_JUMPS = 8;

    /** One jump in so many may bounce twice before it is said. */
    private const BOUNCES = 0.2;

    /** A drift below that in a minute is none. */
    private const DRIFT_PER_MINUTE = 6.0;

    /**
     * @param list<int>                             $passes  of each jump
     * @param list<int>                             $misses  places of the jumps that tripped
     * @param list<int>                             $bounces places of the second jumps on one turn
     * @param list<array{reps: int, ended: string}> $streaks
     */
    private function __construct(
        public array $passes,
        public int $turns,
        /** Null: fewer than two landings. */
        public ?BeatStatistics $beat,
        public array $misses,
        public array $bounces,
        public array $streaks,
        /** Place of the first jump that is not the target's, from 1; null: none, or no target. */
        public ?int $firstBroken,
        public Verdict $verdict,
        /** From the first landing to the last. */
        public float $seconds,
    ) {
    }

    public static function of(Take $take, ?Pattern $target = null): self
    {
        $passes = $take->passes();
        $intervals = $take->intervals();
        $beat = [] === $intervals ? null : BeatStatistics::of($intervals, \array_slice($take->landingsS, 1));
        $pauses = array_fill_keys($beat->pauses ?? [], true);
        $misses = $bounces = [];
        foreach ($passes as $i => $count) {
            if (0 === $count) {
                isset($pauses[$i]) || isset($pauses[$i + 1]) ? ($misses[] = $i) : ($bounces[] = $i);
            }
        }
        $broken = null === $target ? null : self::firstBroken($passes, $target);

        return new self(
            $passes,
            \count($take->turnsS),
            $beat,
            $misses,
            $bounces,
            self::streaks($passes, $misses, $bounces),
            $broken,
            self::verdict($passes, $beat, $misses, $bounces, $broken),
            array_sum($intervals),
        );
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
    private static function firstBroken(array $passes, Pattern $target): ?int
    {
        $wanted = [];
        foreach ($target->steps() as $step) {
            foreach ($step instanceof Work ? $step->pattern->steps() : [$step] as $jump) {
                if ($jump instanceof OneJump) {
                    $wanted[] = $jump->kind->passes();
                }
            }
        }
        // A target shorter than the take is done over and over.
        foreach ($passes as $i => $count) {
            if ([] !== $wanted && $count !== $wanted[$i % \count($wanted)]) {
                return $i + 1;
            }
        }

        return \count($passes) < \count($wanted) ? \count($passes) + 1 : null;
    }

    /**
     * @param list<int> $passes
     * @param list<int> $misses
     * @param list<int> $bounces
     */
    private static function verdict(
        array $passes,
        ?BeatStatistics $beat,
        array $misses,
        array $bounces,
        ?int $broken,
    ): Verdict {
        $jumps = \count($passes);
        $variation = $beat?->variation();
        if ($jumps < self::LEAST_JUMPS || null === $beat || null === $variation) {
            return Verdict::of('rhythm.too_few', ['jumps' => $jumps, 'least' => self::LEAST_JUMPS]);
        }
        $values = [
            'cadence' => $beat->cadence(),
            'percent' => 100 * $variation,
            'rep' => $broken ?? 0,
            'drift' => abs($beat->driftPerMinute ?? 0.0),
            'misses' => \count($misses),
        ];

        return match (true) {
            \count($bounces) > self::BOUNCES * $jumps => Verdict::of('rhythm.double_bounce', $values),
            null !== $broken => Verdict::of('rhythm.broken', $values),
            Evenness::Uneven === Evenness::ofVariation($variation) => Verdict::of('rhythm.uneven', $values),
            ($beat->driftPerMinute ?? 0.0) > self::DRIFT_PER_MINUTE => Verdict::of('rhythm.rushing', $values),
            ($beat->driftPerMinute ?? 0.0) < -self::DRIFT_PER_MINUTE => Verdict::of('rhythm.slowing', $values),
            Evenness::Watch === Evenness::ofVariation($variation) => Verdict::of('rhythm.watch', $values),
            default => Verdict::of('rhythm.even', $values),
        };
    }
}
