<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

/**
 * The gym's revision now, and which kinds of rows changed since the one asked about.
 */
final readonly class ChangesView
{
    /**
     * @param list<string> $kinds
     */
    public function __construct(
        public int $revision,
        public array $kinds,
        /** So much has changed that the kinds are not listed: fetch everything anew. */
        public bool $tooMany,
    ) {
    }
}
