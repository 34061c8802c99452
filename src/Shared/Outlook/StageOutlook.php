<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Outlook;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\PathNews;

/**
 * What is said of an athlete at their stage: how far its gate is, what is in doubt, and whether somebody should look.
 */
final readonly class StageOutlook
{
    public function __construct(
        /** Null at the last stage. */
        public ?GateOutlook $gate,
        /** What is told without being asked, and how misses change; null at the last stage. */
        public ?PathNews $news,
        /** That a set may be there twice; null: none. */
        public ?Verdict $doubt,
        /** Why a coach should go and look; null: no need to. */
        public ?Verdict $look,
    ) {
    }
}
