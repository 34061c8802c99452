<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

/**
 * A coach has called a job off while it ran: what it did in its transaction is rolled back.
 */
final class JobCancelled extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('called off');
    }
}
