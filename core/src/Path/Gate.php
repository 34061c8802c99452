<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Method\GateRule;

/**
 * What must be shown before the next stage, as count and quality; quality is asked before count.
 */
final readonly class Gate
{
    public function __construct(
        public CountKind $countKind,
        /** Reps unbroken, clean ones, or seconds without a miss. */
        public int $count,
        /** Out of how many tries; 0 for the other kinds. */
        public int $tries = 0,
        /** What is looked at. */
        public string $quality = '',
        /** What of it opens the gate. */
        public GateRule $rule = GateRule::Both,
        /** Why it is not asked of an athlete; empty: it is. */
        public string $waived = '',
    ) {
    }

    public function by(GateRule $rule): self
    {
        return new self($this->countKind, $this->count, $this->tries, $this->quality, $rule, $this->waived);
    }

    public function asking(int $count): self
    {
        return new self($this->countKind, $count, $this->tries, $this->quality, $this->rule, $this->waived);
    }

    /** The same, and the feet tested as well. */
    public function withFeet(): self
    {
        return new self(
            $this->countKind,
            $this->count,
            $this->tries,
            $this->quality.', and ten jumps and ten hops forward and backward without a miss',
            $this->rule,
            $this->waived,
        );
    }

    public function waivedBecause(string $reason): self
    {
        return new self($this->countKind, $this->count, $this->tries, $this->quality, $this->rule, $reason);
    }

    public function isWaived(): bool
    {
        return '' !== $this->waived;
    }
}
