<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

/**
 * How an athlete comes to the length they keep (common practice, no published source; the two schools disagree).
 */
enum TrimSchool: string
{
    /** Begin with room, and take off a small step each time the hands stay narrow and runs hold. */
    case StartLong = 'start-long';
    /** The final length from the first day: no slack for drifting hands. */
    case GoalLength = 'goal-length';

    public function startsLong(): bool
    {
        return self::StartLong === $this;
    }
}
