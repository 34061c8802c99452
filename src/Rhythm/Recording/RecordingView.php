<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobState;

/**
 * A recording: how far it is, and what was heard.
 */
final readonly class RecordingView
{
    private function __construct(
        public string $id,
        public JobState $state,
        /** Seconds heard so far, of so many; 0 of 0 before it begins. */
        public int $done,
        public int $total,
        /** Whether the file is still there to be listened to. */
        public bool $kept,
        public ?HeardTakeView $heard,
        /** Why nothing came of it. */
        public ?string $fault,
        public int $version,
    ) {
    }

    public static function of(Job $job): self
    {
        $heard = JobState::Done === $job->state ? $job->result(HeardRecording::class) : null;
        $gone = \in_array($job->state, [JobState::Cancelled, JobState::Failed], true);

        return new self(
            $job->id->toRfc4122(),
            $job->state,
            $job->done,
            $job->total,
            $job->request(RecordingInput::class)->keep && !$gone,
            null === $heard ? null : HeardTakeView::of($heard),
            $job->fault,
            $job->version(),
        );
    }
}
