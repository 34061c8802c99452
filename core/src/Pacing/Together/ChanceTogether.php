<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Together;

use Zumbo\Core\Pacing\Desk\TimedWorkout;

/**
 * How likely it is that all of some workouts, done at once, end within so much of each other.
 *
 * With F the chance of being done by a time, and athletes that know nothing of each other:
 *
 *     P = Σ_t { Π_i [F_i(t + w) − F_i(t − 1)] − Π_i [F_i(t + w) − F_i(t)] }, t the second in which the first one is done
 */
final class ChanceTogether
{
    private const SURE = 0.99999;

    /**
     * @param non-empty-list<TimedWorkout> $workouts
     */
    public static function of(array $workouts, float $withinS): float
    {
        $from = (int) floor(min(array_map(static fn (TimedWorkout $one): float => $one->workS(), $workouts))) - 1;
        $by = array_map(static fn (TimedWorkout $one): array => self::byTheSecond($one, $from), $workouts);
        $last = max(array_map(\count(...), $by)) - 1;
        $within = (int) floor($withinS);
        $sum = 0.0;
        for ($second = 0; $second <= $last; ++$second) {
            $notBefore = $after = 1.0;
            foreach ($by as $chances) {
                $notBefore *= self::at($chances, $second + $within) - self::at($chances, $second - 1);
                $after *= self::at($chances, $second + $within) - self::at($chances, $second);
            }
            $sum += $notBefore - $after;
        }

        return max(0.0, min(1.0, $sum));
    }

    /**
     * @return non-empty-list<float> chance of being done by each second from a first one, until it is as good as sure
     */
    private static function byTheSecond(TimedWorkout $one, int $from): array
    {
        $chances = [0.0];
        for ($second = $from + 1; $chances[\count($chances) - 1] < self::SURE && \count($chances) < 4000; ++$second) {
            $chances[] = $one->chanceWithin((float) $second);
        }
        $chances[\count($chances) - 1] = 1.0;

        return $chances;
    }

    /**
     * @param non-empty-list<float> $chances
     */
    private static function at(array $chances, int $second): float
    {
        return $chances[max(0, min($second, \count($chances) - 1))];
    }
}
