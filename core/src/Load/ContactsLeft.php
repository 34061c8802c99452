<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Stage;

/**
 * What an athlete's legs may still take today and this week: the session's cap by stage and age, and the week's.
 */
final readonly class ContactsLeft
{
    private function __construct(
        public int $today,
        public int $week,
        /** What the numbers rest on. */
        public Verdict $reason,
        /** Why the week is smaller than the cap; null: it is not. */
        public ?Verdict $weekReason,
    ) {
    }

    /**
     * @param int      $done     contacts today
     * @param int      $thisWeek the same of this week, today included
     * @param WeekBase $base     what the week may hold by the weeks before it
     * @param bool     $gently   a week that is held low is spread over its sessions as well
     */
    public static function of(Stage $stage, ?int $age, int $done, int $thisWeek, WeekBase $base, bool $gently): self
    {
        $cap = SessionLoad::cap($stage, $age);
        $weekCap = SessionLoad::weekCap($stage, $age);
        $most = null === $base->most ? $weekCap : min($weekCap, $base->most);
        $session = $gently ? min($cap, (int) ceil($most / SessionLoad::SESSIONS_A_WEEK)) : $cap;
        $week = max(0, $most - max($done, $thisWeek));
        $today = max(0, min($session - $done, $week));

        return new self(
            $today,
            $week,
            Verdict::of('load.left', [
                'today' => $today,
                'done' => $done,
                'cap' => $session,
                'week' => $week,
                'most' => $most,
            ]),
            $most < $weekCap ? $base->reason : null,
        );
    }

    /** What is told on a day without jumps: nothing is left of it. */
    public function ofTheWeek(): Verdict
    {
        return Verdict::of('load.left_week', $this->reason->values);
    }

    /** Whether a set that is planned still fits. */
    public function with(int $contacts): Verdict
    {
        return Verdict::of($contacts <= $this->today ? 'load.within' : 'load.over', [
            'contacts' => $contacts,
            'left' => $this->today,
        ]);
    }
}
