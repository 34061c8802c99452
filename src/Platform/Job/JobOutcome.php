<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

/**
 * Where a piece of work leaves its job.
 */
final readonly class JobOutcome
{
    /**
     * @param array<mixed> $result JSON-serialisable
     */
    public function __construct(public JobState $state, public array $result)
    {
    }
}
