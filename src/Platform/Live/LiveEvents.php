<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\Uid\Uuid;

/**
 * Sends what happens this moment to a gym's screens, through the channel of the hints. Nothing waits for it and a lost
 * one is lost.
 */
interface LiveEvents
{
    /** @param object $event a DTO with public properties */
    public function happened(Uuid $gym, object $event): void;
}
