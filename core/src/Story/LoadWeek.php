<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Stage\Stage;

/**
 * The contacts of one week beside what it might have held, by the rule of the load from the weeks before it.
 */
final readonly class LoadWeek
{
    /** The rule looks so many weeks back. */
    private const BACK = 8;

    private function __construct(public int $contacts, public int $most)
    {
    }

    /**
     * @param list<int> $weeks contacts, the oldest first; 0: an empty week
     * @param Stage     $stage and age of the athlete: what a week holds at most
     *
     * @return list<self>
     */
    public static function all(array $weeks, Stage $stage, ?int $age): array
    {
        $cap = SessionLoad::weekCap($stage, $age);
        $all = [];
        foreach ($weeks as $i => $contacts) {
            $before = \array_slice($weeks, max(0, $i - self::BACK), min($i, self::BACK));
            $all[] = new self($contacts, min($cap, WeekBase::of($before, null, false, $cap)->most ?? $cap));
        }

        return $all;
    }

    public function isOver(): bool
    {
        return $this->contacts > $this->most;
    }
}
