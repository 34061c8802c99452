<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Home;

use Zumbo\App\Entity\Plan\AcceptedPlans;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\SessionKind;
use Zumbo\Core\Plan\Weeks\WeeksPlan;

/**
 * What the weeks that a coach accepted say of the day that is.
 */
final readonly class DayInWeeks
{
    private const DAY_S = 86_400;
    private const AT_HOME_MIN = 5;

    public function __construct(private AcceptedPlans $accepted)
    {
    }

    /**
     * The work of a day that was planned without jumps; null: it has jumps, nothing was planned, there was a practice today
     * after all, or jumping is off anyway.
     */
    public function withoutJumps(Judged $one, \DateTimeImmutable $today): ?PlannedSession
    {
        $id = $one->athlete->id();
        if (!$one->today->allowance->offersJumps()) {
            return null;
        }
        $weeks = $this->accepted->current($id)[$id->toRfc4122()] ?? null;
        if (null === $weeks || $one->sums->lastDayBefore($today->modify('+1 day'))?->getTimestamp() === $today->getTimestamp()) {
            return null;
        }
        $number = intdiv($today->getTimestamp() - $weeks->fromDay()->getTimestamp(), 7 * self::DAY_S);
        $week = WeeksPlan::of($weeks->facts()->wish)->weeks[$number] ?? null;
        if (null === $week || $today < $weeks->fromDay()) {
            return null;
        }
        $weekday = (int) $today->format('N');
        foreach ($week->sessions as $session) {
            if ($session->day === $weekday) {
                return $session->kind->jumps() ? null : $session;
            }
        }

        return new PlannedSession($weekday, SessionKind::HomeNoJump, self::AT_HOME_MIN, 0);
    }
}
