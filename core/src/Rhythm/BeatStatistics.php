<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * Cadence, evenness and drift of the intervals between landings.
 *
 * Cadence from the median. An interval over 1.6 medians is a pause and left out of everything else. Evenness twice: the
 * coefficient of variation (n − 1), and successive differences, which a steady speed-up leaves small. Drift is the
 * slope of the cadence over time by least squares.
 */
final readonly class BeatStatistics
{
    public const PAUSE_FACTOR = 1.6;

    /**
     * @param list<int> $pauses places of the intervals that are pauses
     */
    private function __construct(
        public float $medianS,
        public float $meanS,
        /** Null: fewer than two intervals. */
        public ?float $deviationS,
        /** Root mean square of successive differences; null: no two steady intervals in a row. */
        public ?float $successiveS,
        /** Jumps a minute, more each minute; null: fewer than three intervals. */
        public ?float $driftPerMinute,
        public array $pauses,
    ) {
    }

    /**
     * @param non-empty-list<float> $intervals
     * @param list<float>           $endsS     when each ended
     */
    public static function of(array $intervals, array $endsS): self
    {
        $median = self::median($intervals);
        $pauses = array_keys(
            array_filter($intervals, static fn (float $interval): bool => $interval > self::PAUSE_FACTOR * $median),
        );
        $steady = array_diff_key($intervals, array_flip($pauses));
        $count = \count($steady);
        $mean = array_sum($steady) / max(1, $count);

        return new self(
            $median,
            $mean,
            $count < 2
                ? null
                : sqrt(
                    array_sum(array_map(static fn (float $interval): float => ($interval - $mean) ** 2, $steady)) /
                        ($count - 1),
                ),
            self::successive($steady),
            self::drift($steady, $endsS),
            $pauses,
        );
    }

    public function cadence(): float
    {
        return 60 / $this->medianS;
    }

    /** As a share of the mean interval. */
    public function variation(): ?float
    {
        return null === $this->deviationS || $this->meanS <= 0 ? null : $this->deviationS / $this->meanS;
    }

    /**
     * @param non-empty-list<float> $values
     */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(\count($values), 2);

        return 1 === \count($values) % 2 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }

    /**
     * @param array<int, float> $steady
     */
    private static function successive(array $steady): ?float
    {
        $squares = [];
        foreach ($steady as $i => $interval) {
            // Across a pause nothing follows on anything.
            if (isset($steady[$i - 1])) {
                $squares[] = ($interval - $steady[$i - 1]) ** 2;
            }
        }

        return [] === $squares ? null : sqrt(array_sum($squares) / \count($squares));
    }

    /**
     * @param array<int, float> $steady
     * @param list<float>       $endsS
     */
    private static function drift(array $steady, array $endsS): ?float
    {
        if (\count($steady) < 3) {
            return null;
        }
        $x = $y = [];
        foreach ($steady as $i => $interval) {
            $x[] = $endsS[$i] / 60;
            $y[] = 60 / $interval;
        }
        $meanX = array_sum($x) / \count($x);
        $meanY = array_sum($y) / \count($y);
        $above = $below = 0.0;
        foreach ($x as $i => $at) {
            $above += ($at - $meanX) * ($y[$i] - $meanY);
            $below += ($at - $meanX) ** 2;
        }

        return $below <= 0.0 ? null : $above / $below;
    }
}
