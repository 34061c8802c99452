<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

use Zumbo\Core\Pacing\Workout\StationKind;

/**
 * What a miss and a break cost an athlete, from the splits of the workouts they were paced through.
 *
 * Of single sets of doubles with their misses counted: the median of (time over the reps)/misses, and of the pause of sets without
 * a miss. Fewer than five of either tell nothing (our assumption). To the second: touches are no finer, and neither are the
 * grids that losses are put on.
 */
final readonly class OwnCosts
{
    private const ENOUGH = 5;

    private function __construct(
        /** Whole seconds; null: not known yet. */
        public ?float $missS,
        public ?float $breakS,
    ) {
    }

    /**
     * @param list<list<DoneLeg>> $runs
     */
    public static function of(array $runs): self
    {
        $misses = $breaks = [];
        foreach ($runs as $run) {
            foreach (TouchedLegs::all($run) as $touched) {
                $one = $touched->single();
                if (null === $one || null === $one->misses || StationKind::Doubles !== $one->leg->kind) {
                    continue;
                }
                $over = $touched->takenS - $one->leg->workS;
                if ($one->misses > 0 && 0.0 === $one->leg->pauseS) {
                    $misses = [...$misses, ...array_fill(0, $one->misses, max(0.0, $over / $one->misses))];
                } elseif (0 === $one->misses && $one->leg->pauseS > 0.0) {
                    $breaks[] = max(0.0, $over);
                }
            }
        }

        return new self(self::median($misses), self::median($breaks));
    }

    /**
     * @param list<float> $seconds
     */
    private static function median(array $seconds): ?float
    {
        $count = \count($seconds);
        if ($count < self::ENOUGH) {
            return null;
        }
        sort($seconds);

        return round(($seconds[intdiv($count - 1, 2)] + $seconds[intdiv($count, 2)]) / 2);
    }
}
