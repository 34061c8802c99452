<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Finds where a band becomes louder: the rise of its loudness, above what the band does anyway within a second around,
 * at most one in so much time (adaptive threshold on an onset strength: Bello et al., IEEE Trans. Speech Audio Process.
 * 13 (2005) 1035–1047). Keeps three seconds, however long the recording.
 */
final class OnsetPicker
{
    private const WINDOW = 200;
    private const OVER_SILENCE = 100.0;

    /** @var list<float> the second before, this one, and the one after */
    private array $held;
    private int $done = 0;

    /**
     * @param float $hopS    seconds from one loudness to the next
     * @param int   $rise    hops over which a rise is measured
     * @param int   $smooth  hops averaged
     * @param int   $apart   hops within which only the strongest rise stands
     * @param float $least   a rise counts from so many times the band's median loudness
     * @param float $earlier seconds that the band's filter is late by
     */
    public function __construct(
        private readonly float $hopS,
        private readonly int $rise,
        private readonly int $smooth,
        private readonly int $apart,
        private readonly float $least,
        private readonly float $earlier = 0.0,
    ) {
        $this->held = array_fill(0, self::WINDOW, 0.0);
    }

    /**
     * @return list<Onset> that are certain now
     */
    public function push(float $loudness): array
    {
        $this->held[] = $loudness;
        if (\count($this->held) < 3 * self::WINDOW) {
            return [];
        }
        $found = $this->find();
        $this->held = \array_slice($this->held, self::WINDOW);
        $this->done += self::WINDOW;

        return $found;
    }

    /**
     * @return list<Onset> of what is left at the end
     */
    public function end(): array
    {
        $found = [];
        for ($i = 0; $i < 3 * self::WINDOW; ++$i) {
            $found = [...$found, ...$this->push(0.0)];
        }

        return $found;
    }

    /**
     * @return list<Onset> of the second in the middle
     */
    private function find(): array
    {
        $loud = $this->smoothed();
        $sorted = $loud;
        sort($sorted);
        $usual = $sorted[intdiv(\count($sorted), 2)];
        $rises = [];
        foreach ($loud as $k => $now) {
            $rises[] = $k < $this->rise ? 0.0 : max(0.0, $now - $loud[$k - $this->rise]);
        }
        $found = [];
        for ($k = self::WINDOW; $k < 2 * self::WINDOW; ++$k) {
            $here = $rises[$k];
            if (
                $here <= $this->least * $usual
                || $here <= 0.0
                || $here < max(0.0, ...\array_slice($rises, $k - $this->apart, 2 * $this->apart + 1))
            ) {
                continue;
            }
            $at =
                ($this->done + $k - self::WINDOW + 0.5 - ($this->rise + $this->smooth - 1) / 2) * $this->hopS -
                $this->earlier;
            $found[] = new Onset(
                max(0.0, $at),
                $here,
                $usual > 0 ? $here / ($this->least * $usual) : self::OVER_SILENCE,
            );
        }

        return $found;
    }

    /**
     * @return list<float>
     */
    private function smoothed(): array
    {
        if (1 === $this->smooth) {
            return $this->held;
        }
        $loud = [];
        $sum = 0.0;
        foreach ($this->held as $k => $now) {
            $sum += $now - ($this->held[$k - $this->smooth] ?? 0.0);
            $loud[] = $sum / $this->smooth;
        }

        return $loud;
    }
}
