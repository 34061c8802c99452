<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Live\LiveEvents;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

/**
 * The stand-in of a rope and floor sensor: sends what its invented jumper does while they do it, with the core's reading of it so
 * far.
 */
final readonly class RunSensor implements JobHandler
{
    /** So often it reports. */
    private const STEP_S = 0.25;

    public function __construct(private LiveEvents $live, private Pace $pace)
    {
    }

    public function kind(): string
    {
        return JobQueue::LIVE;
    }

    public function work(Job $job, string $file, Progress $progress): JobOutcome
    {
        $recipe = json_decode($file, true);
        $take = self::input(\is_array($recipe) ? $recipe : [])->take();
        $end = max([0.0, ...\array_slice($take->landingsS, -1), ...\array_slice($take->turnsS, -1)]);
        $steps = (int) ceil($end / self::STEP_S);
        $progress->begin($steps);
        for ($step = 1; $step <= $steps; ++$step) {
            $this->pace->wait(self::STEP_S);
            $this->live->happened($job->gymId, self::event($job, $take, $step * self::STEP_S, $step === $steps));
            $progress->at($step);
        }

        return new JobOutcome(JobState::Done, ['turnsS' => $take->turnsS, 'landingsS' => $take->landingsS]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function event(Job $job, Take $take, float $now, bool $last): array
    {
        $since = $take->part($now - self::STEP_S, $now);
        $reading = RhythmReport::of($take->part(-1.0, $now));

        return [
            'sensor' => $job->id->toRfc4122(),
            'turnsS' => $since->turnsS,
            'landingsS' => $since->landingsS,
            'jumps' => \count($reading->passes),
            'misses' => \count($reading->misses),
            'cadencePerMin' => $reading->beat?->cadence(),
            'variation' => $reading->beat?->variation(),
            'over' => $last,
        ];
    }

    /**
     * @param array<mixed> $recipe as StartSensor wrote it
     */
    private static function input(array $recipe): SensorInput
    {
        $number = static fn (string $name): float => \is_int($recipe[$name] ?? null) || \is_float($recipe[$name] ?? null)
            ? (float) $recipe[$name]
            : 0.0;
        $text = static fn (string $name): string => \is_string($recipe[$name] ?? null) ? $recipe[$name] : '';

        return new SensorInput(
            $text('notation'),
            $number('cadence'),
            $number('seconds'),
            $number('jitter'),
            $text('fault'),
            (int) $number('seed'),
        );
    }
}
