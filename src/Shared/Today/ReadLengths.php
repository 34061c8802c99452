<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Ropes\Ropes;

/**
 * Reads what the log says of an athlete's lengths.
 */
final readonly class ReadLengths
{
    public function __construct(
        private Ropes $ropes,
        private Attempts $attempts,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    /** Null: no rope yet. */
    public function of(Athlete $athlete): ?LengthHistory
    {
        $ropes = $this->ropes->historyOf($athlete->id());
        if ([] === $ropes) {
            return null;
        }
        $attempts = $this->attempts->ofAthlete($athlete->id(), $ropes[0]->createdAt());

        return LengthHistory::of(
            $ropes,
            $attempts,
            $athlete->stage(),
            $this->gyms->current()->timeZone(),
            $this->clock->now(),
        );
    }
}
