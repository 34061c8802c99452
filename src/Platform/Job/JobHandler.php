<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Does the work of one kind of job. The gym is entered, and nothing of the request that asked for it is there any more.
 */
#[AutoconfigureTag('zumbo.job')]
interface JobHandler
{
    public function kind(): string;

    /**
     * @return JobOutcome the state the job stands in after it, with its result
     *
     * @throws JobCancelled
     */
    public function work(Job $job, Progress $progress): JobOutcome;

    /**
     * The job ends without having been done: whoever listens is told, and what was to be kept afterwards is to go.
     *
     * @param string $fault why, as a sentence
     */
    public function discard(Job $job, string $fault): void;

    /** The job is over, whichever way, and has said so: what was kept on the disk for it alone is to go. */
    public function tidy(Job $job): void;
}
