<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

/**
 * What a run of the sensor measured, as its job keeps it.
 */
final readonly class SensorTake
{
    /**
     * @param list<float> $turnsS
     * @param list<float> $landingsS
     */
    public function __construct(public array $turnsS, public array $landingsS)
    {
    }
}
