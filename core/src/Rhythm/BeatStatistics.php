<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * Cadence, evenness and drift of the intervals between landings.
 *
 * Cadence from the median. An interval over 1.6 medians is a pause and left out of everything else. Evenness twice: the
 * coefficient of variation (n − 1), and successive differences, which a steady speed-up leaves small: they are what
 * evenness is judged by, as σ = RMSSD/√2 (J. von Neumann, Annals of Mathematical Statistics 12 (1941) 367–395). Drift is
 * the slope of the cadence over time by least squares; it is a change when it is surely more than the scatter makes.
 */
final readonly class BeatStatistics
{
    public const PAUSE_FACTOR = 1.6;

    /** Nobody jumps quicker. */
    private const LEAST_GAP_S = 0.05;

    /** So many deviations, and nobody doubts it. */
    private const SURELY = 2.5;

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
        /** @var array{float, float}|null jumps a minute at the first and the last steady interval, by the fitted line; null: too few */
        public ?array $fromTo,
        private int $steadyCount,
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
            self::fromTo($steady),
            $count,
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

    /** As a share of the mean interval, from jump to jump: a steady change leaves it small. */
    public function scatter(): ?float
    {
        return null === $this->successiveS || $this->meanS <= 0 ? null : $this->successiveS / \M_SQRT2 / $this->meanS;
    }

    /**
     * By so many jumps a minute the beat changed from the first jump to the last; 0 when the scatter alone may make it so.
     * The end-to-end change of a line through n points of scatter σ has the deviation σ·√(12/n).
     */
    public function change(): float
    {
        if (null === $this->fromTo) {
            return 0.0;
        }
        $change = $this->fromTo[1] - $this->fromTo[0];
        $noise = $this->cadence() * ($this->scatter() ?? 0.0) * sqrt(12 / $this->steadyCount);

        return abs($change) > self::SURELY * $noise ? $change : 0.0;
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
     * A straight line over the jumps, through the gaps or through the cadences: whichever they follow more closely, for
     * some shorten each gap by as much, and some quicken by as much.
     *
     * @param array<int, float> $steady
     *
     * @return array{float, float}|null
     */
    private static function fromTo(array $steady): ?array
    {
        $places = array_keys($steady);
        $gaps = array_values($steady);
        $rates = array_map(static fn (float $gap): float => 60 / $gap, $gaps);
        $byGap = self::line($places, $gaps);
        $byRate = self::line($places, $rates);
        if (null === $byGap || null === $byRate) {
            return null;
        }
        $onGap = array_map(static fn (int $place): float => 60 / max(self::LEAST_GAP_S, self::at($byGap, $place)), $places);
        $onRate = array_map(static fn (int $place): float => self::at($byRate, $place), $places);
        $fitted = self::off($onGap, $rates) <= self::off($onRate, $rates) ? $onGap : $onRate;

        return [$fitted[0], $fitted[\count($fitted) - 1]];
    }

    /**
     * @param list<float> $told
     * @param list<float> $measured
     */
    private static function off(array $told, array $measured): float
    {
        return array_sum(array_map(static fn (float $one, float $other): float => ($one - $other) ** 2, $told, $measured));
    }

    /** @param array{float, float, float} $line */
    private static function at(array $line, int $place): float
    {
        [$slope, $meanX, $meanY] = $line;

        return $meanY + $slope * ($place - $meanX);
    }

    /**
     * Cadence over minutes.
     *
     * @param array<int, float> $steady
     * @param list<float>       $endsS
     */
    private static function drift(array $steady, array $endsS): ?float
    {
        return self::line(
            array_map(static fn (int $place): float => $endsS[$place] / 60, array_keys($steady)),
            array_map(static fn (float $interval): float => 60 / $interval, array_values($steady)),
        )[0] ?? null;
    }

    /**
     * By least squares.
     *
     * @param list<int|float> $x
     * @param list<float>     $y
     *
     * @return array{float, float, float}|null slope, and the point it goes through; null: fewer than three
     */
    private static function line(array $x, array $y): ?array
    {
        $count = \count($x);
        if ($count < 3) {
            return null;
        }
        $meanX = array_sum($x) / $count;
        $meanY = array_sum($y) / $count;
        $above = $below = 0.0;
        foreach ($x as $i => $at) {
            $above += ($at - $meanX) * ($y[$i] - $meanY);
            $below += ($at - $meanX) ** 2;
        }

        return $below <= 0.0 ? null : [$above / $below, $meanX, $meanY];
    }
}
