<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\UnknownDrill;
use Zumbo\Core\Load\Contacts;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Measure\LengthUnit;

/**
 * Whether a set still fits into what an athlete's legs have done today.
 */
final readonly class ContactsToday
{
    public function __construct(private Attempts $attempts, private Gyms $gyms, private ClockInterface $clock)
    {
    }

    /** @param int $contacts of the set that is planned */
    public function with(Athlete $athlete, int $contacts): SentenceView
    {
        $now = $this->clock->now();
        $before = 0;
        $today = LocalDay::of($now, $this->gyms->current()->timeZone());
        foreach ($this->attempts->doneOn($athlete->id(), $today) as [$code, $kind, $reps, $misses]) {
            $drill = self::drill($code, $athlete);
            $before += Contacts::logged($kind->countKind(), $reps, $misses, $drill->pattern, $drill->cadence);
        }
        $birthYear = $athlete->profile()->birthYear;
        $age = null === $birthYear ? null : (int) $now->format('Y') - $birthYear;

        return SentenceView::of(SessionLoad::of($athlete->stage(), $age, $contacts, $before), LengthUnit::Centimetre);
    }

    /** A ladder or an interval set is counted at the beat of the stage's first drill. */
    private static function drill(string $code, Athlete $athlete): Drill
    {
        try {
            return DrillTable::named($code);
        } catch (UnknownDrill) {
            return DrillTable::ofStage($athlete->stage())[0];
        }
    }
}
