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
        /** Why nothing came of it. */
        public ?string $fault,
        public int $version,
    ) {
    }

    public static function of(Job $job): self
    {
        $take = $job->result(SensorTake::class);

        return new self(
            $job->id->toRfc4122(),
            $job->state,
            $take->turnsS ?? [],
            $take->landingsS ?? [],
            $job->fault,
            $job->version(),
        );
    }
}
