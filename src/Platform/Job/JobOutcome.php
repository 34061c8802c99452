<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

/**
 * Where a piece of work leaves its job.
 */
final readonly class JobOutcome
{
    private function __construct(
        public JobState $state,
        /** A DTO of the handler's; null: what stood there before stays. */
        public ?object $result,
        public ?string $fault,
    ) {
    }

    public static function of(JobState $state, object $result): self
    {
        return new self($state, $result, null);
    }

    /** What was sent can't be taken. @param string $fault a sentence for the coach */
    public static function refused(string $fault): self
    {
        return new self(JobState::Refused, null, $fault);
    }

    /** The fault is ours. @param string $fault a sentence for the coach */
    public static function failed(string $fault): self
    {
        return new self(JobState::Failed, null, $fault);
    }

    public static function cancelled(): self
    {
        return new self(JobState::Cancelled, null, null);
    }
}
