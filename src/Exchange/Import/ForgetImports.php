<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Psr\Clock\ClockInterface;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\Job\Chore;
use Zumbo\App\Platform\Job\JobQueue;

/**
 * A file that nothing waits for any more does not stay: it may hold names. Usually it went with its job; half a
 * transfer, or what a fallen server left, goes here.
 */
final readonly class ForgetImports implements Chore
{
    public function __construct(private GymFiles $imports, private JobQueue $queue, private ClockInterface $clock)
    {
    }

    public function doIt(): void
    {
        foreach ($this->imports->olderThan($this->clock->now()->modify('-1 hour')) as $id) {
            $job = $this->queue->find($id);
            if (null === $job || $job->state->isOver()) {
                $this->imports->delete($id);
            }
        }
        $this->imports->sweep();
    }
}
