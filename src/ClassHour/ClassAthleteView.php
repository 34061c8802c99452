<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;

/**
 * One athlete on the plan of the hall: first name only, rope, cue, set, outlook.
 */
final readonly class ClassAthleteView
{
    public function __construct(
        public string $id,
        /** One or two letters, for the typed line. */
        public string $tag,
        public string $firstName,
        public Stage $stage,
        /** At which station they stand. */
        public Phase $station,
        public ?float $ropeM,
        /** Grown out of the rope, or due to be measured; null: neither. */
        public ?SentenceView $remeasure,
        public DrillView $drill,
        /** Why this cue: the fault that is worked on, or the drill's own reason. */
        public string $cueReason,
        public ?SentenceView $outlook,
        /** Something to heed before jumping. */
        public bool $caution,
        /** No jumping until a professional has cleared it. */
        public bool $stop,
        /** Entries logged today. */
        public int $entriesToday,
        public bool $needsLook,
    ) {
    }
}
