<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\Core\Sound\Ear;
use Zumbo\Core\Sound\WavError;
use Zumbo\Core\Sound\WavReader;

/**
 * Hears a recording. The file is deleted afterwards, unless it was sent to be kept.
 */
final readonly class HearRecording implements JobHandler
{
    public const KIND = 'sound';

    public function __construct(private GymFiles $recordings)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function work(Job $job, Progress $progress): JobOutcome
    {
        if (!$this->recordings->has($job->id)) {
            return JobOutcome::refused('The recording is no longer on the server: send it again.');
        }
        try {
            $wav = WavReader::open($this->recordings->read($job->id));
            $progress->begin((int) ceil($wav->seconds() ?? 0.0));
            $told = 0;
            $heard = Ear::hear($wav, static function (float $seconds) use ($progress, &$told): void {
                for (; $told < (int) $seconds; ++$told) {
                    $progress->step();
                }
            });

            return JobOutcome::of(JobState::Done, HeardRecording::of($heard));
        } catch (WavError $e) {
            return JobOutcome::refused(ucfirst($e->getMessage()).'.');
        }
    }

    public function discard(Job $job, string $fault): void
    {
        $this->recordings->delete($job->id);
    }

    public function tidy(Job $job): void
    {
        if (!$job->request(RecordingInput::class)->keep) {
            $this->recordings->delete($job->id);
        }
        $this->recordings->sweep();
    }
}
