<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateTable;

/**
 * What was logged at an athlete's present stage, and how far its gate is.
 */
final class StageLog
{
    /**
     * A day that was stopped is a day of its own: it weighs less than an ordinary one.
     *
     * @param list<Attempt> $attempts of the athlete's present stage, the newest last
     */
    public static function outlook(
        Athlete $athlete,
        array $attempts,
        Judged $judged,
        \DateTimeImmutable $now,
    ): ?GateOutlook {
        $gate = GateTable::of($athlete->stage());
        $stopped = $judged->days->stoppedDays();

        return null === $gate
            ? null
            : GateOutlook::of(
                $athlete->stage(),
                $gate,
                array_map(
                    static function (Attempt $attempt) use ($stopped, $judged, $now): Entry {
                        $day = $judged->dayOf($attempt->loggedAt());
                        $entry = $attempt->toCore($now)->ofSession($day);

                        return isset($stopped[$day]) ? $entry->ofAStoppedDay() : $entry;
                    },
                    $attempts,
                ),
            );
    }

    /**
     * @param list<Attempt> $attempts
     *
     * @return list<Attempt>
     */
    public static function of(Athlete $athlete, array $attempts): array
    {
        return array_values(
            array_filter($attempts, static fn (Attempt $attempt): bool => $attempt->stage() === $athlete->stage()),
        );
    }
}
