<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\File\StorageFull;
use Zumbo\App\Platform\File\WholeCopy;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\Core\Sound\WavError;
use Zumbo\Core\Sound\WavReader;

/**
 * Takes in a recording and puts it into the queue; throws it away again. Each once.
 */
final readonly class SendRecording
{
    public function __construct(
        private JobQueue $queue,
        private GymFiles $recordings,
        private IdempotentWrite $writes,
        private CurrentCoach $coach,
    ) {
    }

    /** @throws UnknownRow when this gym has no such recording */
    public function get(Uuid $id): Job
    {
        return $this->queue->get(HearRecording::KIND, 'recording', $id);
    }

    /**
     * @param IncomingFile $sound the bytes of a WAV file
     *
     * @return bool true when it is new, false when the same came before under that id
     *
     * @throws BadField    when it is no sound that can be read, or not all of it came
     * @throws StorageFull when there is no room for it
     */
    public function send(UuidV7 $id, IncomingFile $sound, RecordingInput $input): bool
    {
        $subject = Subject::of('send', HearRecording::KIND, $id);
        if (null !== $this->queue->find($id)) {
            $again = [$input, WholeCopy::of($sound->stream, null)->sha256];

            return $this->writes->run($id, $subject, $again, static fn (): null => null);
        }
        if ($input->keep) {
            $this->recordings->needRoom();
        }
        $copy = $this->recordings->keep($id, $sound);
        try {
            WavReader::open($this->recordings->read($id));
        } catch (WavError $e) {
            $this->recordings->delete($id);
            $this->recordings->sweep();
            throw BadField::of('recording', $e->found, $e->accepted, ucfirst($e->getMessage()).'.');
        }

        return $this->writes->run($id, $subject, [$input, $copy->sha256], function () use (
            $id,
            $input,
        ): void {
            $this->queue->add($id, HearRecording::KIND, $this->coach->id(), $input);
        });
    }

    /** What waits is called off, what is being heard stops at its next step, and what was kept is deleted. */
    public function throwAway(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('throw away', HearRecording::KIND, $id),
            null,
            fn (): Job => $this->get($id),
            function (Job $job): void {
                if (JobState::Reading === $job->state || !$this->queue->cancel($job)) {
                    $this->queue->callOff($job);
                }
                $this->recordings->delete($job->id);
            },
            RecordingView::of(...),
        );
        // What is still listened to goes once its worker has stopped.
        if (JobState::Reading !== $this->get($id)->state) {
            $this->recordings->sweep();
        }
    }
}
