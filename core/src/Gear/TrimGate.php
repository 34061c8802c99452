<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\TrimPath;
use Zumbo\Core\Streak\CountedReps;

/**
 * What must be shown with a length before the next step is taken off: sets in a row without a miss (common practice;
 * how many is our assumption). That the hands stay narrow only a coach can see.
 */
final readonly class TrimGate
{
    private function __construct(public bool $open, public Verdict $verdict)
    {
    }

    /** @param list<CountedReps> $since what was logged with this length, the newest last */
    public static function of(array $since): self
    {
        $held = 0;
        foreach (array_reverse($since) as $entry) {
            if ($entry->misses > 0) {
                break;
            }
            ++$held;
        }
        $values = ['held' => min($held, TrimPath::SETS_BEFORE_STEP), 'sets' => TrimPath::SETS_BEFORE_STEP];

        return $held >= TrimPath::SETS_BEFORE_STEP
            ? new self(true, Verdict::of('trim.gate_open', $values))
            : new self(false, Verdict::of('trim.gate_waits', $values));
    }
}
