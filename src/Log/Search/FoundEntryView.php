<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

use Zumbo\App\Shared\AttemptView;
use Zumbo\Core\Stage\Stage;

/**
 * An entry of the log as one finds it again.
 */
final readonly class FoundEntryView
{
    public function __construct(
        public AttemptView $entry,
        public string $athleteName,
        /** The athlete's when it was logged. */
        public Stage $stage,
        /** What was done, as one says it. */
        public string $work,
        /** Local. */
        public string $day,
        public string $time,
    ) {
    }
}
