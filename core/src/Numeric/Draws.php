<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

/**
 * Numbers that look like chance and are the same for the same seed: 32-bit xorshift with the triple 13, 17, 5 (G.
 * Marsaglia, Xorshift RNGs, Journal of Statistical Software 8/14 (2003)). For invented data, and for continuations that
 * are tried out.
 */
final class Draws
{
    private const FIRST = 16;
    private int $state;

    public function __construct(int $seed)
    {
        // Never 0, which would stay 0; neighbouring seeds must part soon.
        $this->state = (($seed * 2_654_435_769) & 0xFFFFFFFF) ^ 0x9E3779B9;
        $this->state = 0 === $this->state ? 1 : $this->state;
        for ($i = 0; $i < self::FIRST; ++$i) {
            $this->next();
        }
    }

    /** A whole number from 1 to 2³² − 1. */
    public function next(): int
    {
        $x = $this->state;
        $x ^= ($x << 13) & 0xFFFFFFFF;
        $x ^= $x >> 17;
        $x ^= ($x << 5) & 0xFFFFFFFF;

        return $this->state = $x;
    }

    /** Evenly from least to most. */
    public function between(float $least, float $most): float
    {
        return $least + (($most - $least) * $this->next()) / 4_294_967_296;
    }

    /** Nearly normal with mean 0 and deviation 1, never over 6 out: the sum of twelve even draws. */
    public function normal(): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += $this->between(0, 1);
        }

        return $sum;
    }
}
