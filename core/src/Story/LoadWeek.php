<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Stage\Stage;

/**
 * The contacts of one week, or its effort times minutes, beside what it might have held by the rule of the load from the weeks
 * before it.
 */
final readonly class LoadWeek
{
    /** The rule looks so many weeks back. */
    private const BACK = 8;

    private function __construct(
        /** Or effort times minutes. */
        public int $contacts,
        public int $most,
    ) {
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

    /**
     * The same base for effort times minutes. It has no cap and binds nothing: it warns.
     *
     * @param list<int> $weeks effort times minutes, the oldest first; 0: nothing was said
     *
     * @return list<self> with no limit as long as no week came before
     */
    public static function ofEffort(array $weeks): array
    {
        $all = [];
        foreach ($weeks as $i => $load) {
            // A week of which nobody said anything is no empty one: there may have been practices.
            $before = array_values(array_filter(
                \array_slice($weeks, max(0, $i - self::BACK), min($i, self::BACK)),
                static fn (int $said): bool => 0 !== $said,
            ));
            $all[] = new self($load, WeekBase::of($before, null, false, \PHP_INT_MAX)->most ?? \PHP_INT_MAX);
        }

        return $all;
    }

    public function isOver(): bool
    {
        return $this->contacts > $this->most;
    }
}
