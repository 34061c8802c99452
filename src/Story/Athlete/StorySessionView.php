<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\Core\Stage\Stage;

/**
 * One day's practice in the story.
 */
final readonly class StorySessionView
{
    public function __construct(
        public string $day,
        public Stage $stage,
        public string $stageName,
        /** The longest single go; null: none was logged so. */
        public ?int $best,
        /** Of doubles, or of singles. */
        public bool $doubles,
        public int $reps,
        public int $misses,
    ) {
    }
}
