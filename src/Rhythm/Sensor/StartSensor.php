<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CurrentCoach;

/**
 * Starts the stand-in of a rope and floor sensor, and stops it; each once.
 */
final readonly class StartSensor
{
    public function __construct(
        private JobQueue $queue,
        private IdempotentWrite $writes,
        private CurrentCoach $coach,
    ) {
    }

    /** @throws UnknownRow when this gym has no such run */
    public function get(Uuid $id): Job
    {
        return $this->queue->get(RunSensor::KIND, 'sensor run', $id);
    }

    /** @return bool true when it is new, false when the same came before under that id */
    public function start(UuidV7 $id, SensorInput $input): bool
    {
        // What can't be jumped is refused here, not when it should begin.
        $input->take();

        return $this->writes->run($id, Subject::of('start', RunSensor::KIND, $id), $input, function () use (
            $id,
            $input,
        ): void {
            $this->queue->add($id, RunSensor::KIND, $this->coach->id(), $input, live: true);
        });
    }

    public function stop(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('stop', RunSensor::KIND, $id),
            null,
            fn (): Job => $this->get($id),
            function (Job $job): void {
                if (null !== $job->state->whileWorked() && $this->queue->cancel($job)) {
                    return;
                }
                $this->queue->callOff($job);
            },
            SensorRunView::of(...),
        );
    }
}
