<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete\Load;

/**
 * A week's effort times minutes, as far as somebody has said it.
 */
final readonly class StoryEffortWeekView
{
    public function __construct(
        /** Its Monday. */
        public string $from,
        public int $load,
        /** What the weeks before would let it be; it binds nothing. Null: none came before. */
        public ?int $most,
        public bool $over,
    ) {
    }
}
