<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Live\LiveEvents;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

/**
 * The stand-in of a rope and floor sensor: sends what its invented jumper does while they do it, with the core's
 * reading of it so far.
 */
final readonly class RunSensor implements JobHandler
{
    public const KIND = 'sensor';

    /** So often it reports. */
    private const STEP_S = 0.25;

    public function __construct(private LiveEvents $live, private Pace $pace)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function work(Job $job, Progress $progress): JobOutcome
    {
        $take = $job->request(SensorInput::class)->take();
        $end = max([0.0, ...\array_slice($take->landingsS, -1), ...\array_slice($take->turnsS, -1)]);
        $steps = (int) ceil($end / self::STEP_S);
        $progress->begin($steps);
        for ($step = 1; $step <= $steps; ++$step) {
            $this->pace->wait(self::STEP_S);
            $this->live->happened($job->gymId, self::event($job, $take, $step * self::STEP_S, $step === $steps));
            $progress->at($step);
        }

        return JobOutcome::of(JobState::Done, new SensorTake($take->turnsS, $take->landingsS));
    }

    public function discard(Job $job, string $fault): void
    {
        $this->live->happened($job->gymId, SensorEvent::silent($job->id->toRfc4122(), $fault));
    }

    public function tidy(Job $job): void
    {
    }

    private static function event(Job $job, Take $take, float $now, bool $last): SensorEvent
    {
        return SensorEvent::of(
            $job->id->toRfc4122(),
            $take->part($now - self::STEP_S, $now),
            RhythmReport::of($take->part(-1.0, $now)),
            $last,
        );
    }
}
