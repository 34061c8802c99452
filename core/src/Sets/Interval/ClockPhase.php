<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * One phase of a timed set: work or rest, for so many seconds.
 */
final readonly class ClockPhase
{
    public function __construct(
        public PhaseKind $kind,
        public int $seconds,
        /** From 1; a rest belongs to the round before it. */
        public int $round,
        /** At which station, or what comes next after a rest; null when there are none. */
        public ?string $station,
    ) {
    }

    public function lasting(int $seconds): self
    {
        return new self($this->kind, $seconds, $this->round, $this->station);
    }
}
