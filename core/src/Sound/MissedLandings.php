<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Finds the landings too soft to stand out: two feet a few milliseconds apart can cancel each other's thud. Where the
 * beat leaves a gap and the rope went round on both sides of something faint that falls on the beat, that was a
 * landing.
 */
final class MissedLandings
{
    /** From so many beats a gap may hide a landing. */
    private const GAP = 1.55;
    /** So far from the beat, as a share of it, a landing may fall. */
    private const OFF_BEAT = 0.28;
    /** Of the intervals, which one is a beat: the longer ones hold gaps. */
    private const BEAT_QUANTILE = 0.35;
    private const MOST_ROUNDS = 3;
    /** A bounce has a turn on one side only, and so has a pause: it must be so much louder. */
    private const ONE_SIDED = 2.5;

    /**
     * @param list<Onset> $all    landings that may be, in time
     * @param list<Onset> $chosen the certain ones of them, in time
     * @param list<Onset> $turns  in time
     * @param float       $least  the faintest that is believed, as a share of the chosen ones' middle strength
     *
     * @return list<Onset> the chosen ones and those found, in time
     */
    public static function found(array $all, array $chosen, array $turns, float $least): array
    {
        for ($round = 0; $round < self::MOST_ROUNDS && \count($chosen) > 2; ++$round) {
            $beat = self::quantile(self::intervals($chosen), self::BEAT_QUANTILE);
            $faintest =
                $least * self::quantile(array_map(static fn (Onset $onset): float => $onset->strength, $chosen), 0.5);
            $more = [];
            foreach ($chosen as $i => $after) {
                $before = $chosen[$i - 1] ?? null;
                if (null !== $before && $after->atS - $before->atS > self::GAP * $beat) {
                    $found = self::best(
                        self::between($all, $before->atS, $after->atS),
                        $before->atS,
                        $after->atS,
                        $beat,
                        $faintest,
                        $turns,
                    );
                    array_push($more, ...null === $found ? [] : [$found]);
                }
                $more[] = $after;
            }
            $more = self::atTheEnds($more, $all, $beat, $faintest, $turns);
            if (\count($more) === \count($chosen)) {
                break;
            }
            $chosen = $more;
        }

        return $chosen;
    }

    /**
     * A turn before the first landing was jumped from somewhere, and one after the last came down.
     *
     * @param non-empty-list<Onset> $chosen
     * @param list<Onset>           $all
     * @param list<Onset>           $turns
     *
     * @return non-empty-list<Onset>
     */
    private static function atTheEnds(array $chosen, array $all, float $beat, float $faintest, array $turns): array
    {
        $first = $chosen[0]->atS;
        $last = $chosen[\count($chosen) - 1]->atS;
        foreach (
            self::between($all, $first - (1 + self::OFF_BEAT) * $beat, $first - (1 - self::OFF_BEAT) * $beat) as $onset
        ) {
            if ($onset->strength >= $faintest && [] !== self::between($turns, $onset->atS, $first)) {
                $chosen = [$onset, ...$chosen];
                break;
            }
        }
        foreach (
            self::between($all, $last + (1 - self::OFF_BEAT) * $beat, $last + (1 + self::OFF_BEAT) * $beat) as $onset
        ) {
            if ($onset->strength >= $faintest && [] !== self::between($turns, $last, $onset->atS)) {
                $chosen[] = $onset;
                break;
            }
        }

        return $chosen;
    }

    /**
     * @param list<Onset> $between
     * @param list<Onset> $turns
     */
    private static function best(
        array $between,
        float $from,
        float $to,
        float $beat,
        float $faintest,
        array $turns,
    ): ?Onset {
        $best = null;
        foreach ($between as $onset) {
            $since = ($onset->atS - $from) / $beat;
            $until = ($to - $onset->atS) / $beat;
            $onBeat =
                min(abs($since - max(1, round($since))), abs($until - max(1, round($until)))) <= self::OFF_BEAT
                && min($since, $until) > 0.5;
            $sides =
                ([] === self::between($turns, $from, $onset->atS) ? 0 : 1) +
                ([] === self::between($turns, $onset->atS, $to) ? 0 : 1);
            $enough = match ($sides) {
                2 => $faintest,
                1 => self::ONE_SIDED * $faintest,
                default => \INF,
            };
            if ($onBeat && $onset->strength >= $enough && $onset->strength > ($best->strength ?? 0.0)) {
                $best = $onset;
            }
        }

        return $best;
    }

    /**
     * @param list<Onset> $onsets in time
     *
     * @return list<Onset>
     */
    private static function between(array $onsets, float $from, float $to): array
    {
        $low = 0;
        $high = \count($onsets);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $onsets[$middle]->atS <= $from ? ($low = $middle + 1) : ($high = $middle);
        }
        $inside = [];
        for (; isset($onsets[$low]) && $onsets[$low]->atS < $to; ++$low) {
            $inside[] = $onsets[$low];
        }

        return $inside;
    }

    /**
     * @param list<Onset> $onsets
     *
     * @return list<float>
     */
    private static function intervals(array $onsets): array
    {
        $intervals = [];
        foreach ($onsets as $i => $onset) {
            if ($i > 0) {
                $intervals[] = $onset->atS - $onsets[$i - 1]->atS;
            }
        }

        return $intervals;
    }

    /**
     * @param list<float> $values
     */
    private static function quantile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) ($share * (\count($values) - 1))];
    }
}
