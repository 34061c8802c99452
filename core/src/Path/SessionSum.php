<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

/**
 * What one session says of one kind of count, added up: a gate asks no more of it.
 */
final readonly class SessionSum
{
    public function __construct(
        /** Reps, clean tries, or seconds held. */
        public int $successes,
        public int $misses,
        public int $entries,
        /** Whether some of it was only told as the sum of several goes. */
        public bool $summed,
        /** A day on which jumping was stopped. */
        public bool $stopped = false,
        /** Its local day, counted on from some day or other; null: not known. */
        public ?int $day = null,
    ) {
    }

    /** @param self $other of the same session */
    public function plus(self $other): self
    {
        return new self(
            $this->successes + $other->successes,
            $this->misses + $other->misses,
            $this->entries + $other->entries,
            $this->summed || $other->summed,
            $this->stopped,
            $this->day,
        );
    }

    /** Reps and misses together: a miss is a try. */
    public function tries(): int
    {
        return $this->successes + $this->misses;
    }

    /** A day that was stopped says so much of what an ordinary one says. */
    public function share(): float
    {
        return $this->stopped ? Entry::STOPPED_DAY_SHARE : 1.0;
    }
}
