<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Shared\Trail\ChangeView;

/**
 * One thing that became of an entry.
 */
final readonly class EntryHistoryView
{
    /**
     * @param list<ChangeView> $changes
     */
    public function __construct(
        /** UTC, ISO 8601. */
        public string $at,
        /** Nothing: nobody was signed in. */
        public string $by,
        public TrailDeed $deed,
        public array $changes,
    ) {
    }
}
