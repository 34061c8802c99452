<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;

/**
 * How likely each count is the next time, up to beyond the gate: of a streak and a hold the chance to get so far, of tries
 * the chance of at least so many clean ones.
 */
final readonly class GateCurve
{
    /** So far beyond what the gate asks. */
    private const BEYOND = 1.5;
    private const MOST_POINTS = 30;

    private function __construct(
        public int $count,
        public float $chance,
        public float $low,
        public float $high,
    ) {
    }

    /**
     * @return non-empty-list<self> the least count first
     */
    public static function of(Gate $gate, RecentSessions $recent): array
    {
        $top = CountKind::Tries === $gate->countKind ? $gate->tries : (int) ceil(self::BEYOND * $gate->count);
        $step = max(1, (int) ceil($top / self::MOST_POINTS));
        // The gate itself is one of the points.
        $counts = array_values(array_unique([...range($step, $top, $step), $gate->count]));
        sort($counts);

        $ofARep = $recent->posterior->interval(GateChance::INTERVAL);

        return array_map(static function (int $count) use ($gate, $recent, $ofARep): self {
            [$low, $high] = GateChance::within($gate, $count, $ofARep);

            return new self($count, GateChance::ofCount($gate, $count, $recent->posterior), $low, $high);
        }, $counts);
    }
}
