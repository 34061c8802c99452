<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\Uid\Uuid;

/**
 * Tells a gym's screens that something changed. A hint only: the database is the truth, and a lost hint costs seconds.
 */
interface Hints
{
    public function changed(Uuid $gym): void;
}
