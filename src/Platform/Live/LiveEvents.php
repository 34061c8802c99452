<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\Uid\Uuid;

/**
 * Sends what happens this moment to a gym's screens, through the channel of the hints. Nothing waits for it and a lost one is lost.
 */
interface LiveEvents
{
    /**
     * @param array<string, mixed> $event JSON-serialisable
     */
    public function happened(Uuid $gym, array $event): void;
}
