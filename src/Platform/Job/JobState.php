<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

/**
 * How far a job is. It waits, is worked on, and stops to be looked at; a coach then lets it go on.
 */
enum JobState: string
{
    case Waiting = 'waiting';
    case Reading = 'reading';
    case Preview = 'preview';
    case Agreed = 'agreed';
    case Writing = 'writing';
    case Done = 'done';
    case Refused = 'refused';
    /** The server could not; nothing of it was done. */
    case Failed = 'failed';
    case Cancelled = 'cancelled';

    /** What the worker makes of a job that it takes up; null: nothing is to be done. */
    public function whileWorked(): ?self
    {
        return match ($this) {
            self::Waiting => self::Reading,
            self::Agreed => self::Writing,
            default => null,
        };
    }

    public function isOver(): bool
    {
        return \in_array($this, [self::Done, self::Refused, self::Failed, self::Cancelled], true);
    }
}
