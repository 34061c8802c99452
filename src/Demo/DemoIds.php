<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Symfony\Component\Uid\UuidV7;

/**
 * The ids of demo rows: UUIDs of version 7 made from names instead of chance, so that the same demo has the same ids.
 */
final readonly class DemoIds
{
    /** The ids' own time, the same whatever the demo's date, so that a link to an athlete survives a reload. */
    private const EPOCH_MS = 1_767_225_600_000;

    public function __construct(public \DateTimeImmutable $start)
    {
    }

    public function named(string $name): UuidV7
    {
        $hash = hash('sha256', 'saltmarsh '.$name);
        $variant = dechex(8 | (hexdec($hash[15]) & 3));

        return UuidV7::fromRfc4122(
            \sprintf(
                '%s-%s-7%s-%s%s-%s',
                substr(\sprintf('%012x', self::EPOCH_MS), 0, 8),
                substr(\sprintf('%012x', self::EPOCH_MS), 8),
                substr($hash, 0, 3),
                $variant,
                substr($hash, 3, 3),
                substr($hash, 16, 12),
            ),
        );
    }
}
