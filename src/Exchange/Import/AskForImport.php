<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Exchange\Format\UploadedFile;
use Zumbo\App\Exchange\Format\UploadRefused;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\File\WholeCopy;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobQueue;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CurrentCoach;

/**
 * Puts an import into the queue, agrees to it, calls it off; each once.
 */
final readonly class AskForImport
{
    public function __construct(
        private JobQueue $queue,
        private GymFiles $imports,
        private IdempotentWrite $writes,
        private CurrentCoach $coach,
    ) {
    }

    /** @throws UnknownRow when this gym has no such import */
    public function get(Uuid $id): Job
    {
        return $this->queue->get(RunImport::KIND, 'import', $id);
    }

    /** @return bool true when it is new, false when the same file came before under that id */
    public function send(UuidV7 $id, UploadedFile $file): bool
    {
        $subject = Subject::of('send', RunImport::KIND, $id);
        if (null !== $this->queue->find($id)) {
            $again = [$file->format, WholeCopy::of($file->content->stream, null)->sha256];

            return $this->writes->run($id, $subject, $again, static fn (): null => null);
        }
        $this->imports->needRoom();
        $copy = $this->imports->keep($id, $file->content);
        if (0 === $copy->bytes) {
            $this->imports->delete($id);
            $this->imports->sweep();
            throw UploadRefused::empty();
        }

        return $this->writes->run($id, $subject, [$file->format, $copy->sha256], function () use ($id, $file): void {
            $this->queue->add($id, RunImport::KIND, $this->coach->id(), new ImportRequest($file->format));
        });
    }

    public function agree(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'agree to', function (Job $job): void {
            if (JobState::Preview === $job->state) {
                $this->queue->move($job, JobState::Agreed);
            }
        });
    }

    /** What waits is called off at once; what is worked on hears of it at its next step. */
    public function callOff(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'call off', function (Job $job): void {
            $rests = JobState::Preview === $job->state || null !== $job->state->whileWorked();
            if ($rests && $this->queue->cancel($job)) {
                $this->imports->delete($job->id);
            } else {
                $this->queue->callOff($job);
            }
        });
        $this->imports->sweep();
    }

    /**
     * @param callable(Job): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, RunImport::KIND, $id),
            null,
            fn (): Job => $this->get($id),
            $change,
            ImportView::of(...),
        );
    }
}
