<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\Core\Stage\Stage;

/**
 * The best go of a stage.
 */
final readonly class StoryRecordView
{
    public function __construct(
        public Stage $stage,
        public string $stageName,
        /** "doubles". */
        public string $what,
        public int $best,
        public string $day,
    ) {
    }
}
