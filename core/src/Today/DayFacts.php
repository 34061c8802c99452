<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Load\StopRule;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * What an athlete did today and in the weeks before, as far as it was logged.
 */
final readonly class DayFacts
{
    /**
     * @param list<int> $weeksContacts of the weeks before this one, the oldest first
     * @param list<int> $jumpDays      days ago on which they jumped; 0 is today
     */
    private function __construct(
        public int $contactsToday,
        public int $contactsThisWeek,
        public array $weeksContacts,
        public array $jumpDays,
        public CountedNight $tonight,
        public CountedNight $usual,
        /** Ended by a coach's touch. */
        public ?StopWord $stopped,
    ) {
    }

    /** Why jumping ends for today, whatever else is right; null: nothing ends it. */
    public function stop(): ?Verdict
    {
        if (null !== $this->stopped) {
            return Verdict::of('stop.by_coach', ['why' => Term::of($this->stopped)]);
        }

        return StopRule::of($this->tonight->reps, $this->tonight->misses, $this->usual->reps, $this->usual->misses);
    }

    public static function none(): self
    {
        return self::of();
    }

    /**
     * @param list<int> $weeksContacts
     * @param list<int> $jumpDays
     */
    public static function of(
        int $contactsToday = 0,
        ?int $contactsThisWeek = null,
        array $weeksContacts = [],
        array $jumpDays = [],
        ?CountedNight $tonight = null,
        ?CountedNight $usual = null,
        ?StopWord $stopped = null,
    ): self {
        return new self(
            $contactsToday,
            $contactsThisWeek ?? $contactsToday,
            $weeksContacts,
            $jumpDays,
            $tonight ?? new CountedNight(0, 0),
            $usual ?? new CountedNight(0, 0),
            $stopped,
        );
    }
}
