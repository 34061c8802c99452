<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

/**
 * Waits for as long as it says.
 */
final readonly class RealPace implements Pace
{
    public function wait(float $seconds): void
    {
        usleep((int) (1e6 * max(0.0, $seconds)));
    }
}
