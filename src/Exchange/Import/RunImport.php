<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\People\AthleteTags;
use Zumbo\App\Entity\Trail\Trail;
use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Entity\Trail\TrailNote;
use Zumbo\App\Exchange\Compare\ImportPlan;
use Zumbo\App\Exchange\Compare\PlanImport;
use Zumbo\App\Exchange\Compare\WaitingFile;
use Zumbo\App\Exchange\Format\UnreadableFile;
use Zumbo\App\Exchange\Write\WriteImport;
use Zumbo\App\Exchange\Write\WriteRows;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\Job\Job;
use Zumbo\App\Platform\Job\JobHandler;
use Zumbo\App\Platform\Job\JobOutcome;
use Zumbo\App\Platform\Job\JobState;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Write\LongWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Reads a file to show what it would do; once a coach agrees, reads it again and writes all of it, or nothing.
 */
final readonly class RunImport implements JobHandler
{
    public const KIND = 'import';

    /** Further back than any class that is going on, wherever the gym is. */
    private const RECENT_DAYS = 2;

    public function __construct(
        private GymFiles $imports,
        private PlanImport $plan,
        private WriteRows $rows,
        private AthleteTags $tags,
        private LongWrite $writes,
        private Trail $trail,
        private ClockInterface $clock,
    ) {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function work(Job $job, Progress $progress): JobOutcome
    {
        if (!$this->imports->has($job->id)) {
            return JobOutcome::refused('The file is no longer on the server: send it again.');
        }
        $file = new WaitingFile(
            fn () => $this->imports->open($job->id),
            $job->request(ImportRequest::class)->format,
        );
        try {
            return JobState::Reading === $job->state
                ? self::outcome($this->plan->of($file, $progress)->plan, JobState::Preview)
                : self::outcome($this->written($job, $file, $progress), JobState::Done);
        } catch (UnreadableFile $e) {
            return JobOutcome::of(JobState::Refused, ImportReport::unreadable($e->error));
        }
    }

    public function discard(Job $job, string $fault): void
    {
    }

    public function tidy(Job $job): void
    {
        $this->imports->delete($job->id);
        $this->imports->sweep();
    }

    private function written(Job $job, WaitingFile $file, Progress $progress): ImportPlan
    {
        $recent = $this->clock->now()->modify('-'.self::RECENT_DAYS.' days')->format('Y-m-d\TH:i:s\Z');
        $noted = fn (ImportPlan $plan) => $this->trail->add(self::notes($job, $plan), $job->askedBy);
        $work = new WriteImport($file, $this->plan, $this->rows, $this->tags, $progress, $recent, $noted);
        $this->writes->run(Subject::of('write', self::KIND, $job->id), $work);

        return $work->plan();
    }

    /** @return list<TrailNote> none when the file said nothing new */
    private static function notes(Job $job, ImportPlan $plan): array
    {
        $counts = array_map(static fn (array $of): array => [null, $of['add'] + $of['change']], $plan->counts);
        $written = array_filter($counts, static fn (array $of): bool => 0 < $of[1]);

        return [] === $written ? [] : [new TrailNote(TrailDeed::BroughtIn, self::KIND, $job->id, '', $written)];
    }

    private static function outcome(ImportPlan $plan, JobState $good): JobOutcome
    {
        return JobOutcome::of($plan->mayGoOn() ? $good : JobState::Refused, ImportReport::of($plan));
    }
}
