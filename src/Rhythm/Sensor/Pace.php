<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

/**
 * Lets real time pass.
 */
interface Pace
{
    public function wait(float $seconds): void;
}
