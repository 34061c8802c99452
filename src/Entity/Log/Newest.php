<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\Core\Path\Entry;
use Zumbo\Core\Streak\CountedReps;

/**
 * The newest entries of an athlete, as few as are looked at one by one; each list the newest last.
 */
final readonly class Newest
{
    /**
     * @param list<bool>        $lastClean of what the gate counts, whether it was clean
     * @param list<CountedReps> $goes      single goes at the stage
     * @param list<Entry>       $today     of the day, whatever was counted
     */
    public function __construct(public array $lastClean, public array $goes, public array $today)
    {
    }
}
