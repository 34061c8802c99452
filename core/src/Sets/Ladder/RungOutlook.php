<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Rhythm\Pattern;

/**
 * One rung of a ladder for one athlete.
 */
final readonly class RungOutlook
{
    private const OUT_OF_REACH = 0.05;

    public function __construct(
        public Pattern $pattern,
        /** Of making it unbroken at one go. */
        public float $chance,
        /** Without a miss. */
        public float $cleanS,
        /** Of one go, a missed one with what the miss costs. */
        public float $secondsAGo,
        /** Of one go that count, a missed one's until the miss. */
        public float $jumpsAGo,
        /** Goes at it in one time through, by the miss rule; infinite where it can't be made. */
        public float $goes = 1.0,
    ) {
    }

    public function begun(float $goes): self
    {
        return new self($this->pattern, $this->chance, $this->cleanS, $this->secondsAGo, $this->jumpsAGo, $goes);
    }

    /** With the misses that are to be expected. */
    public function expectedS(): float
    {
        return $this->goes * $this->secondsAGo;
    }

    /** Jumps that count, those of failed goes included. */
    public function expectedJumps(): float
    {
        return $this->goes * $this->jumpsAGo;
    }

    public function expectedMisses(): float
    {
        return $this->goes * (1 - $this->chance);
    }

    /** Until it is made, were it repeated. */
    public function tries(): float
    {
        return 0.0 === $this->chance ? \INF : 1 / $this->chance;
    }

    /** Made less than once in twenty tries: not today (our assumption). */
    public function isOutOfReach(): bool
    {
        return $this->chance < self::OUT_OF_REACH;
    }
}
