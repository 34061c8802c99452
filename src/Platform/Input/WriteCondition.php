<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Input;

use Symfony\Component\Uid\UuidV7;

/**
 * What a change to an existing row carries: its own id, so that it counts once, and the version it was made from.
 */
final readonly class WriteCondition
{
    private function __construct(public UuidV7 $mutationId, public int $versionSeen)
    {
    }

    public static function of(UuidV7 $mutationId, int $versionSeen): self
    {
        return new self($mutationId, $versionSeen);
    }
}
