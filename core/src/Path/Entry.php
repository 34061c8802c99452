<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Streak\CountedReps;

/**
 * A log entry as a gate reads it: what was measured, what it says of the chance, and whether it was clean.
 */
final readonly class Entry
{
    /** A day that was stopped says so much of what an ordinary one says (our assumption). */
    public const STOPPED_DAY_SHARE = 0.25;

    public function __construct(
        public CountKind $countKind,
        public CountedReps $counted,
        public bool $clean,
        /** Which session it is of, the same text for the same one: a local day. */
        public string $session = '',
        /** Of a day on which jumping was stopped. */
        public bool $stopped = false,
        /** Its local day, counted on; null: not known. */
        public ?int $day = null,
    ) {
    }

    public function ofSession(string $session): self
    {
        return new self($this->countKind, $this->counted, $this->clean, $session, $this->stopped, $this->day);
    }

    /** The same, of a day on which jumping was stopped. */
    public function ofAStoppedDay(): self
    {
        return new self($this->countKind, $this->counted, $this->clean, $this->session, true, $this->day);
    }
}
