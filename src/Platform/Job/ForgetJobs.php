<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Psr\Clock\ClockInterface;

/**
 * A file that was sent and never decided about is not kept for ever.
 */
final readonly class ForgetJobs implements Chore
{
    private const KEPT_DAYS = 7;

    public function __construct(private JobQueue $queue, private ClockInterface $clock)
    {
    }

    public function doIt(): void
    {
        $this->queue->forgetBefore($this->clock->now()->modify('-'.self::KEPT_DAYS.' days'));
    }
}
