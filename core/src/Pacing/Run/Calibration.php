<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

use Zumbo\Core\Measure\Verdict;

/**
 * Whether forecasts held: of bands that ought to hold eight times in ten, how many did; and by how much the next ones are widened.
 *
 * Off by z half bands, a band that is right has z² = 0.609 on average (normal: (1/1.2816)²). What is believed before counts as ten
 * forecasts that were right (our assumption), one workout at most as three half bands; bands are never narrowed.
 */
final readonly class Calibration
{
    private const RIGHT = 0.6089;
    private const BEFORE = 10;
    private const MOST_OFF = 3.0;
    private const WIDEST = 3.0;

    /** Fewer tell nothing. */
    private const ENOUGH = 5;

    private function __construct(
        public int $of,
        public int $held,
        public int $quicker,
        public int $slower,
        public float $wider,
        public Verdict $say,
    ) {
    }

    /**
     * @param list<Forecast> $forecasts
     */
    public static function of(array $forecasts): self
    {
        $of = \count($forecasts);
        $held = \count(array_filter($forecasts, static fn (Forecast $one): bool => $one->holds()));
        $quicker = \count(array_filter($forecasts, static fn (Forecast $one): bool => $one->takenS < $one->lowS));
        $off = array_sum(array_map(static fn (Forecast $one): float => min(self::MOST_OFF, $one->offBy()) ** 2, $forecasts));
        $wider = sqrt((self::BEFORE * self::RIGHT + $off) / ((self::BEFORE + $of) * self::RIGHT));
        $wider = min(self::WIDEST, max(1.0, $wider));
        $values = ['held' => $held, 'of' => $of, 'percent' => (int) round(100 * ($wider - 1))];

        return new self($of, $held, $quicker, $of - $held - $quicker, $wider, match (true) {
            0 === $of => Verdict::of('calibration.none'),
            $of < self::ENOUGH => Verdict::of('calibration.few', $values),
            $wider > 1.01 => Verdict::of('calibration.widened', $values),
            default => Verdict::of('calibration.right', $values),
        });
    }
}
