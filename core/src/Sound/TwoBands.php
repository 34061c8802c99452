<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * How loud the two bands are, every 5 ms: the rope's tick above (about 3 to 6 kHz), the thud of the feet below (45 to
 * 140 Hz).
 *
 * Channels are summed and the rate brought to about 22 kHz by sums of neighbours. A second difference over a quarter of
 * the upper band's wave is the cheap filter for the tick; the thud is filtered at about 2 kHz.
 */
final class TwoBands
{
    private const WANTED_RATE = 22_050;
    private const LOW_RATE = 2000;
    private const BLOCKS = 10;
    private const TICK_HZ = 5000.0;
    private const THUD_LOW_HZ = 45.0;
    private const THUD_HIGH_HZ = 140.0;

    /** What the thud's filters are late by, measured on a damped wave. */
    private const THUD_DELAY_S = 0.006;

    /** @var int<1, max> */
    private readonly int $step;
    private readonly int $lag;
    private readonly int $block;
    private readonly float $rate;
    private readonly float $full;
    private readonly BandPass $first;
    private readonly BandPass $second;

    /** @var list<int|float> the end of the last piece: what the differences look back to, and an unfinished hop */
    private array $rest;
    private int $hops = 0;

    /**
     * @param int   $rate samples a second of each channel
     * @param float $full what the loudest sample reads as
     */
    public function __construct(int $rate, int $channels, float $full)
    {
        $together = max(1, (int) round($rate / self::WANTED_RATE));
        $this->step = max(1, $together * $channels);
        $this->full = $full * $this->step;
        $this->rate = $rate / $together;
        $this->lag = max(1, (int) round($this->rate / (2 * self::TICK_HZ)));
        $this->block = max(1, (int) round($this->rate / self::LOW_RATE));
        $this->first = new BandPass($this->rate / $this->block, self::THUD_LOW_HZ, self::THUD_HIGH_HZ);
        $this->second = new BandPass($this->rate / $this->block, self::THUD_LOW_HZ, self::THUD_HIGH_HZ);
        $this->rest = array_fill(0, 2 * $this->lag, 0);
    }

    /** Seconds from one loudness to the next. */
    public function hopS(): float
    {
        return ($this->block * self::BLOCKS) / $this->rate;
    }

    public function thudDelayS(): float
    {
        return self::THUD_DELAY_S;
    }

    /** Seconds heard so far. */
    public function heardS(): float
    {
        return $this->hops * $this->hopS();
    }

    /**
     * @param array<int, int|float> $samples of the channels in turn, whole frames
     *
     * @return list<array{float, float}> tick and thud, from 0 to about 1, for each finished hop
     */
    public function feed(array $samples): array
    {
        $y = [
            ...$this->rest,
            ...1 === $this->step
                ? array_values($samples)
                : array_map(array_sum(...), array_chunk($samples, $this->step)),
        ];
        $lag = $this->lag;
        $twice = 2 * $lag;
        $hop = $this->block * self::BLOCKS;
        $loud = [];
        $from = $twice;
        for ($count = \count($y); $from + $hop <= $count; $from += $hop) {
            $tick = 0.0;
            for ($i = $from, $end = $from + $hop; $i < $end; ++$i) {
                $z = $y[$i] - 2 * $y[$i - $lag] + $y[$i - $twice];
                $tick += $z * $z;
            }
            $loud[] = [sqrt($tick / $hop) / (4 * $this->full), $this->thud($y, $from)];
        }
        $this->rest = \array_slice($y, $from - $twice);
        $this->hops += \count($loud);

        return $loud;
    }

    /**
     * @param list<int|float> $y
     */
    private function thud(array $y, int $from): float
    {
        $energy = 0.0;
        for ($i = 0; $i < self::BLOCKS; ++$i) {
            $out = $this->second->pass(
                $this->first->pass(array_sum(\array_slice($y, $from + $i * $this->block, $this->block)) / $this->block),
            );
            $energy += $out * $out;
        }

        return sqrt($energy / self::BLOCKS) / $this->full;
    }
}
