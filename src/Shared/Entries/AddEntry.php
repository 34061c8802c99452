<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Entries;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Writes an entry into the log of an athlete, and what it adds up to. In the caller's transaction.
 */
final readonly class AddEntry
{
    public function __construct(private Attempts $attempts, private DaySums $sums, private Gyms $gyms, private GymScope $scope)
    {
    }

    /** @param string $by whose hand wrote it */
    public function to(Athlete $athlete, Uuid $id, LoggedEntry $entry, string $by, bool $selfReported = false): void
    {
        $day = LocalDay::of($entry->at, $this->gyms->current()->timeZone());
        $set = $this->attempts->setFor($athlete, $entry->drill, $day, $entry->at);
        $this->attempts->add(new Attempt(
            $this->scope->gymId(),
            $id,
            $set->id,
            $athlete->id(),
            $athlete->stage(),
            $entry->kind,
            $entry->reps,
            AttemptKind::Streak === $entry->kind ? 0 : $entry->misses,
            $entry->end,
            $entry->clean,
            $entry->at,
            $by,
            $selfReported,
            $entry->beat,
        ));
        $this->sums->renew($set->id);
    }
}
