<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Zumbo\App\Shared\SentenceView;

/**
 * The workouts that athletes were paced through, and whether what was said before them held.
 */
final readonly class PacedRunsView
{
    /**
     * @param list<PacedRunView> $runs the newest first
     */
    public function __construct(
        public array $runs,
        /** Of the whole gym: bands that held, and of how many. */
        public int $held,
        public int $of,
        /** Quicker than the band, and slower. */
        public int $quicker,
        public int $slower,
        public SentenceView $calibration,
    ) {
    }
}
