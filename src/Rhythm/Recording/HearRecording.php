<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

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

    public function __construct(private RecordingFiles $files)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function work(Job $job, string $file, Progress $progress): JobOutcome
    {
        if (!$this->files->has($job->id)) {
            return JobOutcome::refused('The recording is no longer on the server: send it again.');
        }
        try {
            $wav = WavReader::open($this->files->read($job->id));
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
        } finally {
            if (!$job->request(RecordingInput::class)->keep) {
                $this->files->delete($job->id);
            }
        }
    }

    public function discard(Job $job, string $fault): void
    {
        $this->files->delete($job->id);
    }
}
