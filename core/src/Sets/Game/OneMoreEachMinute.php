<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Streak\Hazard;

/**
 * So many reps in the first minute, one more in each after it, until somebody can't.
 *
 * A minute holds when its reps are done within it. With restarts every rep counts: k reps and M misses take (k + M)·t + M·m
 * seconds, so the chance is that of at most (60 − k·t)/(t + m) misses before the k-th rep; the chain runs over reps,
 * misses and the position in the set, since each miss begins a new one. Unbroken: one go. Tiredness from minute to minute is
 * left out. The end is the first minute whose chance of being still in falls under one half.
 */
final readonly class OneMoreEachMinute
{
    private const MINUTE_S = 60.0;
    private const STILL_LIKELY = 0.5;

    /**
     * @param list<float> $stillIn chance of having held every minute so far, minute by minute
     */
    private function __construct(
        public int $first,
        public array $stillIn,
        /** From this minute on no beat is quick enough, or a cap ends it; the last that can be filled is the one before. */
        public int $fullAt,
    ) {
    }

    /**
     * @param int      $first         reps of the first minute, from 1
     * @param Hazard   $hazard        chance of a miss by the position in a set
     * @param float    $secondsPerRep above 0
     * @param float    $missS         lost to a miss
     * @param int|null $mostContacts  a cap that ends it earlier
     *
     * @throws OutOfRange when not even the first minute can be filled
     */
    public static function of(
        int $first,
        Hazard $hazard,
        float $secondsPerRep,
        float $missS,
        bool $unbroken = false,
        ?int $mostContacts = null,
    ): self {
        // Sixty seconds are to hold the last rep too: a hair for rounding.
        $most = (int) floor(self::MINUTE_S / $secondsPerRep + 1e-9);
        if ($first < 1 || $first > $most) {
            throw OutOfRange::of('first', (string) $first, 'from 1 to '.$most.', as many as a minute holds');
        }
        $chances = $unbroken ? self::unbroken($hazard, $most) : self::withRestarts($hazard, $most, $secondsPerRep, $missS);
        $stillIn = [];
        $still = 1.0;
        $contacts = 0;
        for ($reps = $first; $reps <= $most; ++$reps) {
            $contacts += $reps;
            if (null !== $mostContacts && $contacts > $mostContacts && [] !== $stillIn) {
                break;
            }
            $still *= $chances[$reps];
            $stillIn[] = $still;
        }

        return new self($first, $stillIn, \count($stillIn) + 1);
    }

    /** The first minute after which it is more likely over than not; or the one that can't be filled any more. */
    public function predictedEnd(): int
    {
        foreach ($this->stillIn as $i => $chance) {
            if ($chance < self::STILL_LIKELY) {
                return $i + 1;
            }
        }

        return $this->fullAt;
    }

    /** Of all minutes before the predicted end: n minutes from r reps are n·r + n(n−1)/2. */
    public function reps(): int
    {
        $minutes = $this->predictedEnd() - 1;

        return $minutes * $this->first + intdiv($minutes * ($minutes - 1), 2);
    }

    /**
     * @return array<int, float> chance of a minute by its reps
     */
    private static function unbroken(Hazard $hazard, int $most): array
    {
        $chances = [];
        $survived = 1.0;
        foreach ($hazard->first($most) as $i => $q) {
            $survived *= 1 - $q;
            $chances[$i + 1] = $survived;
        }

        return $chances;
    }

    /**
     * @return array<int, float> chance of a minute by its reps
     */
    private static function withRestarts(Hazard $hazard, int $most, float $repS, float $missS): array
    {
        $allowed = static fn (int $reps): int => (int) floor((self::MINUTE_S - $reps * $repS) / ($repS + $missS) + 1e-9);
        $q = $hazard->first($most);
        // [misses][position in the set] → chance, after so many reps; a row that has one miss too many is dropped.
        $at = [[1.0]];
        $chances = [];
        for ($reps = 1; $reps <= $most; ++$reps) {
            $at = self::oneRepMore($at, $q, $allowed(1));
            $chances[$reps] = 0.0;
            foreach (\array_slice($at, 0, $allowed($reps) + 1) as $row) {
                $chances[$reps] += array_sum($row);
            }
        }

        return $chances;
    }

    /**
     * @param list<array<int, float>> $at
     * @param list<float>             $q
     *
     * @return list<array<int, float>>
     */
    private static function oneRepMore(array $at, array $q, int $mostMisses): array
    {
        $after = array_fill(0, $mostMisses + 1, []);
        // A go that misses begins again at the first position, and may miss there again.
        for ($misses = 0; $misses <= $mostMisses; ++$misses) {
            foreach ($at[$misses] ?? [] as $position => $chance) {
                $after[$misses][$position + 1] = ($after[$misses][$position + 1] ?? 0.0) + $chance * (1 - $q[$position]);
                $fallen = $chance * $q[$position];
                for ($more = $misses + 1; $more <= $mostMisses && $fallen > 1e-15; ++$more) {
                    $after[$more][1] = ($after[$more][1] ?? 0.0) + $fallen * (1 - $q[0]);
                    $fallen *= $q[0];
                }
            }
        }

        return $after;
    }
}
