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
            $rows = 'csv' === $job->format ? CsvReader::read($file) : JsonReader::read($file);
        } catch (UnreadableFile $e) {
            return new JobOutcome(JobState::Refused, self::result([], [$e->error], 1, []));
        }
        if (JobState::Reading === $job->state) {
            $plan = $this->plan->of($rows, $progress);

            return new JobOutcome(
                $plan->mayGoOn() ? JobState::Preview : JobState::Refused,
                self::result($plan->counts, $plan->errors, $plan->errorCount, $plan->examples),
            );
        }

        return $this->written($job, $rows, $progress);
    }

    /**
     * @param list<IncomingRow|RowError> $rows
     */
    private function written(Job $job, array $rows, Progress $progress): JobOutcome
    {
        $outcome = new JobOutcome(JobState::Refused, []);
        $this->writes->run(new UuidV7(), Subject::of('write', self::KIND, $job->id), null, function () use (
            $rows,
            $progress,
            &$outcome,
        ): void {
            // Somebody may have changed the gym since the file was shown, so it is compared anew, where nobody can interfere.
            $plan = $this->plan->of($rows, Progress::unseen());
            if ($plan->mayGoOn()) {
                $this->write->of($plan, $progress);
            }
            $outcome = new JobOutcome(
                $plan->mayGoOn() ? JobState::Done : JobState::Refused,
                self::result($plan->counts, $plan->errors, $plan->errorCount, $plan->examples),
            );
        });

        return $outcome;
    }

    /**
     * @param array<string, array{add: int, change: int, same: int}> $counts
     * @param list<RowError>                                         $errors
     * @param list<string>                                           $examples
     *
     * @return array<string, mixed>
     */
    private static function result(array $counts, array $errors, int $errorCount, array $examples): array
    {
        return [
            'counts' => array_map(
                static fn (string $table, array $count): array => ['table' => $table] + $count,
                array_keys($counts),
                $counts,
            ),
            'errors' => array_map(static fn (RowError $error): array => get_object_vars($error), $errors),
            'errorCount' => $errorCount,
            'examples' => $examples,
        ];
    }
}
