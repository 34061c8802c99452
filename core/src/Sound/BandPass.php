<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * A second-order band-pass, unit gain in the middle (bilinear transform of the analogue resonator; R. Bristow-Johnson,
 * Cookbook formulae for audio EQ biquad filter coefficients).
 */
final class BandPass
{
    private readonly float $gain;
    private readonly float $back1;
    private readonly float $back2;
    private float $in1 = 0.0;
    private float $in2 = 0.0;
    private float $out1 = 0.0;
    private float $out2 = 0.0;

    /** Hertz; the middle is the geometric mean of the edges. */
    public function __construct(float $rate, float $low, float $high)
    {
        $middle = sqrt($low * $high);
        $turn = (2 * \M_PI * $middle) / $rate;
        $alpha = (sin($turn) * ($high - $low)) / (2 * $middle);
        $this->gain = $alpha / (1 + $alpha);
        $this->back1 = (-2 * cos($turn)) / (1 + $alpha);
        $this->back2 = (1 - $alpha) / (1 + $alpha);
    }

    public function pass(float $in): float
    {
        $out = $this->gain * ($in - $this->in2) - $this->back1 * $this->out1 - $this->back2 * $this->out2;
        $this->in2 = $this->in1;
        $this->in1 = $in;
        $this->out2 = $this->out1;

        return $this->out1 = $out;
    }
}
