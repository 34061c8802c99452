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
     * @param string $file what was sent
     *
     * @return JobOutcome the state the job stands in after it, with its result
     *
     * @throws JobCancelled
     */
    public function work(Job $job, string $file, Progress $progress): JobOutcome;

    /**
     * The job ends without having been done: what it kept outside of the table is to go, and whoever listens is told.
     *
     * @param string $fault why, as a sentence
     */
    public function discard(Job $job, string $fault): void;
}
