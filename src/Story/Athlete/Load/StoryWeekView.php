<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete\Load;

/**
 * A week's contacts beside what it might have held.
 */
final readonly class StoryWeekView
{
    public function __construct(
        /** Its Monday. */
        public string $from,
        public int $contacts,
        public int $most,
        public bool $over,
    ) {
    }
}
