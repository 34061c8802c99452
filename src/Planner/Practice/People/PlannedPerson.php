<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\People;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Plan\Practice\Participant;

/**
 * Somebody who is here: what is known of them, and what a plan asks of it.
 */
final readonly class PlannedPerson
{
    public function __construct(public Judged $judged, public Participant $participant)
    {
    }

    public function firstName(): string
    {
        return $this->judged->athlete->profile()->firstName();
    }
}
