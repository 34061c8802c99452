<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * One thing to practise: what to jump, at which beat, how much of it, and the one cue that goes with it.
 */
final readonly class Drill
{
    public function __construct(
        /** Stable name in the record. */
        public string $code,
        public Stage $stage,
        /** As a coach says it. */
        public string $title,
        public Pattern $pattern,
        /** Jumps a minute. */
        public int $cadence,
        public CountKind $countKind,
        /** How much: reps of a streak, tries, or seconds of a hold. */
        public int $aim,
        public int $sets,
        public string $cue,
        public string $why,
    ) {
    }

    /** "3 sets of 30 s", in plain words. */
    public function dose(): string
    {
        $aim = match ($this->countKind) {
            CountKind::Streak => $this->aim.' unbroken',
            CountKind::Tries => $this->aim.' tries',
            CountKind::Hold => $this->aim.' s',
        };

        return \sprintf('%d × %s', $this->sets, $aim);
    }
}
