<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * How likely the count of a gate is reached the next time, by what is believed of a rep, a try, or a second.
 */
final class GateChance
{
    public const INTERVAL = 0.8;

    public static function of(Gate $gate, Posterior $posterior): float
    {
        return self::ofCount($gate, $gate->count, $posterior);
    }

    /** Of another count, measured as the gate is. */
    public static function ofCount(Gate $gate, int $count, Posterior $posterior): float
    {
        return CountKind::Tries === $gate->countKind
            ? $posterior->chanceOfClean($count, $gate->tries)
            : $posterior->chanceOf($count);
    }

    /**
     * The interval that holds the chance of a count with 80 %.
     *
     * @return array{float, float}
     */
    public static function interval(Gate $gate, int $count, Posterior $posterior): array
    {
        return self::within($gate, $count, $posterior->interval(self::INTERVAL));
    }

    /**
     * The same, where the interval of a rep is known already: to find it takes longest.
     *
     * @param array{float, float} $ofARep
     *
     * @return array{float, float}
     */
    public static function within(Gate $gate, int $count, array $ofARep): array
    {
        return [self::at($gate, $count, $ofARep[0]), self::at($gate, $count, $ofARep[1])];
    }

    /** Of a count, by a chance of a rep that is known. */
    public static function at(Gate $gate, int $count, float $ofARep): float
    {
        return CountKind::Tries === $gate->countKind ? self::binomialTail($ofARep, $count, $gate->tries) : $ofARep ** $count;
    }

    /** Tries are believed nothing of; reps and seconds what is usual at the stage. */
    public static function prior(Gate $gate, Stage $stage): Prior
    {
        return CountKind::Tries === $gate->countKind ? Prior::flat() : Prior::forStage($stage);
    }

    private static function binomialTail(float $p, int $count, int $tries): float
    {
        $sum = 0.0;
        $term = (1 - $p) ** $tries;
        for ($k = 0; $k <= $tries; ++$k) {
            if ($k >= $count) {
                $sum += $term;
            }
            $term *= $p < 1.0 ? ((($tries - $k) / ($k + 1)) * $p) / (1 - $p) : 0.0;
        }

        return $p >= 1.0 ? 1.0 : min(1.0, $sum);
    }
}
