<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Psr\Clock\ClockInterface;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\Job\Chore;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Job\JobState;

/**
 * A sound file that nobody heard and nobody meant to keep does not stay for ever: half a transfer, or a job that was
 * called off.
 */
final readonly class ForgetRecordings implements Chore
{
    private const KEPT_DAYS = 7;

    public function __construct(
        private GymFiles $recordings,
        private JobQueue $queue,
        private ClockInterface $clock,
    ) {
    }

    public function doIt(): void
    {
        foreach (
            $this->recordings->olderThan($this->clock->now()->modify('-'.self::KEPT_DAYS.' days')) as $id
        ) {
            $job = $this->queue->find($id);
            $kept = true === $job?->request(RecordingInput::class)->keep && JobState::Done === $job->state;
            if (!$kept) {
                $this->recordings->delete($id);
            }
        }
        $this->recordings->sweep();
    }
}
