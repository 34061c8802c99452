<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\Core\Path\Gate;

/**
 * Reads what the log says of an athlete's lengths.
 */
final readonly class ReadLengths
{
    public function __construct(
        private Ropes $ropes,
        private Attempts $attempts,
        private Gyms $gyms,
    ) {
    }

    /**
     * @param Gate|null $gate of their stage, as which the log is read
     *
     * @return LengthHistory|null null: no rope yet
     */
    public function of(Athlete $athlete, ?Gate $gate): ?LengthHistory
    {
        $ropes = $this->ropes->historyOf($athlete->id());
        if ([] === $ropes) {
            return null;
        }

        return LengthHistory::of(
            $ropes,
            $this->attempts->countsOfStage($athlete, $ropes[0]->createdAt(), $gate?->countKind),
            $this->gyms->current()->timeZone(),
        );
    }
}
