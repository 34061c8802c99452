<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobState;

/**
 * A run of the sensor: how far it is, and what it measured once it is over.
 */
final readonly class SensorRunView
{
    /**
     * @param list<float> $turnsS    empty until it is over
     * @param list<float> $landingsS empty until it is over
     */
    private function __construct(
        public string $id,
        public JobState $state,
        public array $turnsS,
        public array $landingsS,
        public int $version,
    ) {
    }

    public static function of(Job $job): self
    {
        $times = static fn (mixed $list): array => array_map(
            static fn (mixed $at): float => \is_int($at) || \is_float($at) ? (float) $at : 0.0,
            \is_array($list) ? array_values($list) : [],
        );

        return new self(
            $job->id->toRfc4122(),
            $job->state,
            $times($job->result['turnsS'] ?? null),
            $times($job->result['landingsS'] ?? null),
            $job->version(),
        );
    }
}
