<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

/**
 * Whether this process was told to end: it takes no further job, and what happens in real time ends at its next step.
 */
final class StopAsked
{
    private bool $asked = false;

    public function ask(): void
    {
        $this->asked = true;
    }

    public function is(): bool
    {
        return $this->asked;
    }
}
