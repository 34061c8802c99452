<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

use Symfony\Component\Uid\Uuid;

/**
 * What was done to one row, before it is known who did it.
 */
final readonly class TrailNote
{
    /**
     * @param string                             $kind    the table
     * @param array<string, array{mixed, mixed}> $changes as Changes::between() gives them
     * @param Uuid|null                          $athlete whose row it is
     */
    public function __construct(
        public TrailDeed $deed,
        public string $kind,
        public Uuid $rowId,
        public string $rowName,
        public array $changes,
        public ?Uuid $athlete = null,
    ) {
    }
}
