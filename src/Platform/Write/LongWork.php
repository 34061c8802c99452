<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Symfony\Component\Uid\Uuid;

/**
 * Much that is written at once, in one transaction, while the gym's others go on writing. It may be begun anew.
 */
interface LongWork
{
    /** @return bool false: nothing is to be written after all, and what was is taken back */
    public function write(): bool;

    /** Whether what somebody else wrote meanwhile makes it wrong; it is begun anew then. */
    public function isUpsetBy(string $kind, Uuid $id): bool;

    /** What others may be at as well comes last, while they wait: it must be short. */
    public function finish(): void;
}
