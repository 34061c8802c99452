<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Exchange\Format\CsvReader;
use Zumbo\App\Exchange\Format\JsonReader;
use Zumbo\App\Exchange\Format\UnreadableFile;
use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Reads a file to show what it would do; once a coach agrees, reads it again and writes all of it, or nothing.
 */
final readonly class RunImport implements JobHandler
{
    public const KIND = 'import';

    public function __construct(private PlanImport $plan, private WriteRows $write, private IdempotentWrite $writes)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function work(Job $job, string $file, Progress $progress): JobOutcome
    {
        try {
            $csv = ImportRequest::CSV === $job->request(ImportRequest::class)->format;
            $rows = $csv ? CsvReader::read($file) : JsonReader::read($file);
        } catch (UnreadableFile $e) {
            return JobOutcome::of(JobState::Refused, ImportReport::unreadable($e->error));
        }
        if (JobState::Reading === $job->state) {
            $plan = $this->plan->of($rows, $progress);

            return self::outcome($plan, JobState::Preview);
        }

        return $this->written($job, $rows, $progress);
    }

    public function discard(Job $job, string $fault): void
    {
    }

    /**
     * @param list<IncomingRow|RowError> $rows
     */
    private function written(Job $job, array $rows, Progress $progress): JobOutcome
    {
        $outcome = JobOutcome::cancelled();
        $this->writes->run(new UuidV7(), Subject::of('write', self::KIND, $job->id), null, function () use (
            $rows,
            $progress,
            &$outcome,
        ): void {
            // Somebody may have changed the gym since the file was shown, so it is compared anew, where nobody can
            // interfere.
            $plan = $this->plan->of($rows, Progress::unseen());
            if ($plan->mayGoOn()) {
                $this->write->of($plan, $progress);
            }
            $outcome = self::outcome($plan, JobState::Done);
        });

        return $outcome;
    }

    private static function outcome(ImportPlan $plan, JobState $good): JobOutcome
    {
        return JobOutcome::of($plan->mayGoOn() ? $good : JobState::Refused, ImportReport::of($plan));
    }
}
